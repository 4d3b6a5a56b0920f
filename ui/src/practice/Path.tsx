import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { Practice } from '../api/types';
import { figures } from '../theme/theme';
import { say } from '../words/say';
import { HelpPick } from './HelpPick';
import { useBegin, type Help } from './useBegin';

/** The lessons in their order: each with its aim, what it trains, how long it takes, and one's best. */
export function Path({ practice }: { practice: Practice }) {
  const next = practice.path.find((lesson) => lesson.best === null)?.id;
  return (
    <Box component="section" aria-labelledby="path">
      <Typography variant="h2" id="path" sx={{ mb: 1 }}>
        {say('screen.practice.path')}
      </Typography>
      <Box component="ol" sx={{ listStyle: 'none', p: 0, m: 0, display: 'grid', gap: 1 }}>
        {practice.path.map((lesson) => (
          <Lesson
            key={lesson.id}
            lesson={lesson}
            helps={practice.helps}
            isNext={lesson.id === next}
          />
        ))}
      </Box>
    </Box>
  );
}

function Lesson({
  lesson,
  helps,
  isNext,
}: {
  lesson: Practice['path'][number];
  helps: Practice['helps'];
  isNext: boolean;
}) {
  const begin = useBegin();
  const [help, setHelp] = useState<Help>(lesson.help);
  return (
    <Box
      component="li"
      data-testid={`lesson-${lesson.id}`}
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: '52px minmax(0, 1fr)', md: '52px minmax(0, 1fr) auto' },
        columnGap: 2,
        rowGap: 1,
        bgcolor: 'background.paper',
        border: 1,
        borderColor: 'divider',
        borderLeft: 8,
        borderLeftColor: isNext ? 'primary.main' : 'divider',
        p: 1.5,
      }}
    >
      <Box sx={{ fontFamily: figures, fontSize: '2.2rem', fontWeight: 700, lineHeight: 1 }}>
        {lesson.place}
      </Box>
      <Box sx={{ minWidth: 0 }}>
        <Typography variant="h3" component="h3" sx={{ fontSize: '1.15rem' }}>
          {lesson.name}
        </Typography>
        <Typography>{lesson.aim}</Typography>
        <Typography variant="body2" color="text.secondary">
          {say('screen.practice.trains', {
            trains: lesson.trains.join(' · '),
            minutes: lesson.minutes,
          })}
        </Typography>
        {lesson.best && (
          <Typography variant="body2" sx={{ fontWeight: 700 }} data-testid="best">
            {say('screen.practice.best', lesson.best)}
          </Typography>
        )}
        {begin.isError && <Typography role="alert">{begin.error.message}</Typography>}
      </Box>
      <Box
        sx={{
          display: 'flex',
          flexDirection: { xs: 'row', md: 'column' },
          gridColumn: { xs: '1 / 3', md: 'auto' },
          gap: 1,
          alignItems: 'stretch',
          justifyContent: 'flex-start',
        }}
      >
        <Button
          variant={isNext ? 'contained' : 'outlined'}
          loading={begin.isPending}
          onClick={() => begin.mutate({ lesson: lesson.id, help })}
        >
          {lesson.best ? say('screen.practice.once-more') : say('screen.practice.begin')}
          <span className="visually-hidden">: {lesson.name}</span>
        </Button>
        <HelpPick id={`help-${lesson.id}`} helps={helps} help={help} onPick={setHelp} />
      </Box>
    </Box>
  );
}

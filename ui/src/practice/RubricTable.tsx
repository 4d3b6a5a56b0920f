import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { Fragment } from 'react';
import type { Practice } from '../api/types';
import { figures } from '../theme/theme';
import { say, type Code } from '../words/say';

const RUBRICS: Record<string, Code> = {
  target: 'screen.practice.rubric.target',
  intake: 'screen.practice.rubric.intake',
  close: 'screen.practice.rubric.close',
};

/** What is scored, stated before anybody begins. */
export function RubricTable({ practice }: { practice: Practice }) {
  return (
    <Box component="section" aria-labelledby="rubric">
      <Typography variant="h2" id="rubric" sx={{ mb: 1 }}>
        {say('screen.practice.rubric')}
      </Typography>
      {practice.rubrics.map((rubric) => (
        <Fragment key={rubric.id}>
          <Typography variant="h3">{say(RUBRICS[rubric.id] ?? RUBRICS['target']!)}</Typography>
          {(['method', 'result'] as const).map((side) => (
            <Box key={side} sx={{ mb: 1 }}>
              <Typography variant="body2" component="h3" color="text.secondary">
                {say(`screen.practice.${side}`)}
              </Typography>
              {rubric[side].map((part) => (
                <Box
                  key={part.title}
                  sx={{ display: 'flex', justifyContent: 'space-between', gap: 2, py: 0.25 }}
                >
                  <span>{part.title}</span>
                  <Box component="span" sx={{ fontFamily: figures }}>
                    {part.most}
                  </Box>
                </Box>
              ))}
            </Box>
          ))}
        </Fragment>
      ))}
      <Typography variant="body2" color="text.secondary">
        {say('screen.practice.rubric-note')}
      </Typography>
    </Box>
  );
}

import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import type { Stage, StageId } from '../api/types';
import { PlumbWeight } from '../shell/PlumbWeight';
import { say } from '../words/say';
import { STAGES } from '../shell/stages';

/** The plumb line: the stages hang on it in the order of work. A map, not a gate. */
export function Spine({
  stages,
  shown,
  present,
  onShow,
}: {
  stages: Stage[];
  shown: StageId;
  present: string;
  onShow: (stage: StageId) => void;
}) {
  return (
    <Box
      component="nav"
      aria-label={say('screen.spine.stages')}
      sx={{
        position: 'relative',
        height: '100%',
        display: 'flex',
        flexDirection: 'column',
        justifyContent: 'space-evenly',
        py: 1,
      }}
    >
      <Box
        aria-hidden
        sx={{
          position: 'absolute',
          left: { xs: 28, sm: 17, lg: 28 },
          top: 0,
          bottom: 24,
          width: '1.5px',
          bgcolor: 'primary.main',
          opacity: 0.55,
        }}
      />
      {stages.map((stage) => (
        <ButtonBase
          key={stage.id}
          onClick={() => onShow(stage.id)}
          aria-current={stage.id === shown ? 'step' : undefined}
          sx={{
            position: 'relative',
            justifyContent: 'flex-start',
            gap: 1.25,
            px: { xs: 2, sm: 0.5, lg: 2 },
            minHeight: 56,
            textAlign: 'left',
            bgcolor: stage.id === shown ? 'background.paper' : 'transparent',
          }}
        >
          <PlumbWeight state={stage.state} size={26} />
          <Box sx={{ minWidth: 0 }}>
            <Box
              sx={{
                fontWeight: stage.id === present ? 800 : 600,
                fontSize: stage.id === present ? '1.15rem' : '1rem',
              }}
            >
              {say(STAGES[stage.id])}
            </Box>
            {stage.note !== '' && (
              <Box sx={{ fontSize: '0.8rem', color: 'text.secondary', lineHeight: 1.15 }}>
                {stage.note}
              </Box>
            )}
          </Box>
        </ButtonBase>
      ))}
    </Box>
  );
}

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useColorScheme } from '@mui/material/styles';
import { Suspense, useState } from 'react';
import { Link } from 'react-router';
import type { Workspace } from '../api/types';
import { usePerson, useSignOut } from '../session/usePerson';
import { notSaved } from '../words/notSaved';
import { useLengthDisplay } from '../words/useLengthDisplay';
import { say } from '../words/say';
import type { Task } from '../workspace/task/useTask';
import { lazyPart } from '../loading/lazyPart';

const BarMenu = lazyPart(async () => (await import('../tablet/BarMenu')).BarMenu);
const KeysHelp = lazyPart(async () => (await import('../tablet/KeysHelp')).KeysHelp);

/** What the pad is of, in whose name, and what is not at the server yet. */
export function PadBar({ state, task }: { state: Workspace; task: Task }) {
  const person = usePerson().data;
  const signOut = useSignOut();
  const { mode, systemMode, setMode } = useColorScheme();
  const [display, toggleDisplay] = useLengthDisplay();
  const [menu, setMenu] = useState(false);
  const [keys, setKeys] = useState(false);
  const isPaired = person?.pad != null;
  const stands = task.isCarriedOn
    ? say('screen.pad.stored-here', { lines: task.queue.length })
    : task.waiting
      ? notSaved(task.queue.length)
      : say('screen.pad.in-name', { person: person?.name ?? '' });
  return (
    <Box
      component="header"
      sx={{
        display: 'flex',
        alignItems: 'center',
        gap: 1,
        px: 1.5,
        minHeight: 52,
        borderBottom: 1,
        borderColor: 'divider',
      }}
    >
      <Box sx={{ flex: 1, minWidth: 0, lineHeight: 1.2 }}>
        <Box
          sx={{
            fontWeight: 700,
            overflow: 'hidden',
            textOverflow: 'ellipsis',
            whiteSpace: 'nowrap',
          }}
        >
          {say('screen.ro', { number: state.order.number })} · {state.card.sensor}
        </Box>
        <Box
          data-testid="pad-stands"
          sx={{
            fontSize: '0.85rem',
            overflow: 'hidden',
            textOverflow: 'ellipsis',
            whiteSpace: 'nowrap',
          }}
        >
          {stands}
        </Box>
      </Box>
      <Button
        color="inherit"
        onClick={toggleDisplay}
        aria-label={say('screen.top-bar.units-change', { display })}
      >
        {display}
      </Button>
      <Button color="inherit" aria-haspopup="dialog" onClick={() => setMenu(true)}>
        {say('screen.menu.title')}
      </Button>
      <Suspense fallback={null}>
        {menu && (
          <BarMenu
            open
            onClose={() => setMenu(false)}
            dark={(mode === 'system' ? systemMode : mode) === 'dark'}
            onDark={(dark) => setMode(dark ? 'dark' : 'light')}
            onKeys={() => setKeys(true)}
            isPractice={person?.practice ?? false}
          >
            <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.5 }}>
              {!isPaired && (
                <Button color="inherit" component={Link} to={`/tasks/${state.task}`}>
                  {say('screen.pad.whole-task')}
                </Button>
              )}
              <Button color="inherit" onClick={() => signOut.mutate()}>
                {say('screen.top-bar.sign-out')}
              </Button>
            </Box>
          </BarMenu>
        )}
        {keys && <KeysHelp open onClose={() => setKeys(false)} />}
      </Suspense>
    </Box>
  );
}

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useColorScheme } from '@mui/material/styles';
import type { ReactNode } from 'react';
import { Link, NavLink } from 'react-router';
import { useLengthDisplay } from '../words/useLengthDisplay';
import { usePerson, useSignOut } from '../session/usePerson';
import { say } from '../words/say';

/** The name, what is open, and what holds on every screen: units, light or dark, who is signed in. */
export function TopBar({ children }: { children?: ReactNode }) {
  const { mode, systemMode, setMode } = useColorScheme();
  const [display, toggleDisplay] = useLengthDisplay();
  const person = usePerson();
  const signOut = useSignOut();
  const dark = (mode === 'system' ? systemMode : mode) === 'dark';
  return (
    <Box
      component="header"
      className="screen-only"
      sx={{
        display: 'flex',
        alignItems: 'center',
        gap: 2,
        px: 2,
        // On a narrow screen the ways to other screens take a row of their own.
        minHeight: 56,
        flexWrap: { xs: children === undefined ? 'wrap' : 'nowrap', md: 'nowrap' },
        flexShrink: 0,
        borderBottom: 1,
        borderColor: 'divider',
        bgcolor: 'background.default',
      }}
    >
      <Button
        component={Link}
        to="/"
        color="inherit"
        sx={{ fontSize: '1.25rem', px: 1 }}
        aria-label={say('screen.top-bar.lumbro-today')}
      >
        {say('screen.lumbro')}
      </Button>
      <Box
        sx={{
          flex: 1,
          minWidth: 0,
          ...(children === undefined
            ? { order: { xs: 1, md: 0 }, flexBasis: { xs: '100%', md: 0 } }
            : {}),
        }}
      >
        {children ?? (
          <Box
            component="nav"
            aria-label={say('screen.top-bar.screens')}
            sx={{ display: 'flex', gap: 0.5, flexWrap: { xs: 'wrap', lg: 'nowrap' } }}
          >
            {[
              ['/', say('screen.today')],
              ['/day', say('screen.day')],
              ['/records', say('screen.records')],
              ['/vehicles', say('screen.top-bar.vehicles')],
              ['/cards', say('screen.top-bar.cards')],
              ['/kit', say('screen.kit')],
              ['/bays', say('screen.bays')],
              ['/rules', say('screen.top-bar.rules')],
              ['/practice', say('screen.top-bar.practice')],
              ['/people', say('screen.people')],
            ].map(([to, words]) => (
              <Button
                key={to}
                component={NavLink}
                to={to ?? '/'}
                end={to === '/'}
                color="inherit"
                sx={{ '&.active': { bgcolor: 'background.paper' } }}
              >
                {words}
              </Button>
            ))}
          </Box>
        )}
      </Box>
      {person.data?.practice && (
        <Box
          component="span"
          title={say('screen.top-bar.practice-shop-means', { shop: person.data.shop })}
          sx={{
            border: 2,
            borderStyle: 'dashed',
            borderColor: 'primary.main',
            px: 1,
            fontWeight: 700,
            whiteSpace: 'nowrap',
          }}
        >
          {say('screen.top-bar.practice-shop')}
        </Box>
      )}
      <Button
        color="inherit"
        onClick={toggleDisplay}
        aria-label={say('screen.top-bar.units-change', { display })}
      >
        {display}
      </Button>
      <Button color="inherit" onClick={() => setMode(dark ? 'light' : 'dark')}>
        {dark ? say('screen.top-bar.light') : say('screen.top-bar.dark')}
      </Button>
      {person.data && (
        <Button
          color="inherit"
          onClick={() => signOut.mutate()}
          title={`${person.data.name}, ${say(`role.${person.data.role}`)}`}
        >
          {say('screen.top-bar.sign-out')}
        </Button>
      )}
    </Box>
  );
}

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useColorScheme } from '@mui/material/styles';
import useMediaQuery from '@mui/material/useMediaQuery';
import { Suspense, useState, type ReactNode } from 'react';
import { Link, NavLink } from 'react-router';
import { useIsServerGone } from '../api/connection';
import { usePerson, useSignOut } from '../session/usePerson';
import { say } from '../words/say';
import { useLengthDisplay } from '../words/useLengthDisplay';
import { ways } from './ways';
import { WIDE } from './widths';
import { lazyPart } from '../loading/lazyPart';

const BarMenu = lazyPart(async () => (await import('../tablet/BarMenu')).BarMenu);
const KeysHelp = lazyPart(async () => (await import('../tablet/KeysHelp')).KeysHelp);

/** What a screen offers beside its context: on the bar where it is wide, in the menu where it is not. */
export interface BarTool {
  readonly words: string;
  /** What it is called where its words are a sign. */
  readonly name?: string;
  /** The menu has it anyway. */
  readonly isInMenu?: boolean;
  readonly act: () => void;
}

/** The name, what is open, and what holds on every screen: units, how it looks and sounds, who is signed in. */
export function TopBar({
  children,
  tools = [],
  saysItself = false,
  keys = false,
  onKeys,
}: {
  children?: ReactNode;
  tools?: readonly BarTool[];
  /** Whether the screen says by itself how it goes on without a connection. */
  saysItself?: boolean;
  /** Whether the list of keys stands over the screen. */
  keys?: boolean;
  onKeys?: (open: boolean) => void;
}) {
  const { mode, systemMode, setMode } = useColorScheme();
  const [display, toggleDisplay] = useLengthDisplay();
  const person = usePerson();
  const signOut = useSignOut();
  const isGone = useIsServerGone();
  const isWide = useMediaQuery(WIDE, { noSsr: true });
  const [menu, setMenu] = useState(false);
  const [ownKeys, setOwnKeys] = useState(false);
  const showKeys = onKeys ?? setOwnKeys;
  const dark = (mode === 'system' ? systemMode : mode) === 'dark';
  const units = (
    <Button
      color="inherit"
      onClick={toggleDisplay}
      aria-label={say('screen.top-bar.units-change', { display })}
    >
      {isWide ? display : say('screen.top-bar.units', { display })}
    </Button>
  );
  const leave = person.data && (
    <Button
      color="inherit"
      onClick={() => signOut.mutate()}
      title={`${person.data.name}, ${say(`role.${person.data.role}`)}`}
    >
      {say('screen.top-bar.sign-out')}
    </Button>
  );
  const tool = ({ words, name, act }: BarTool) => (
    <Button
      key={words}
      color="inherit"
      onClick={() => {
        setMenu(false);
        act();
      }}
      {...(isWide && name !== undefined ? { 'aria-label': name } : {})}
      sx={{ flexShrink: 0 }}
    >
      {isWide ? words : (name ?? words)}
    </Button>
  );
  return (
    <>
      <Box
        component="header"
        className="screen-only"
        sx={{
          display: 'flex',
          alignItems: 'center',
          columnGap: { xs: 1, lg: 2 },
          px: { xs: 1, sm: 2 },
          minHeight: 56,
          // On a phone what is open has a row of its own.
          flexWrap: { xs: 'wrap', sm: 'nowrap' },
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
              ? {}
              : {
                  order: { xs: 1, sm: 0 },
                  flexBasis: { xs: '100%', sm: 0 },
                  pb: { xs: 1, sm: 0 },
                  px: { xs: 1, sm: 0 },
                }),
          }}
        >
          {children ?? (isWide && <Ways />)}
        </Box>
        {children !== undefined && <Box sx={{ flex: 1, display: { sm: 'none' } }} />}
        {isWide && tools.map(tool)}
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
        {isWide && units}
        <Button color="inherit" aria-haspopup="dialog" onClick={() => setMenu(true)}>
          {say('screen.menu.title')}
        </Button>
        {isWide && leave}
      </Box>
      {isGone && !saysItself && (
        <Box
          role="status"
          className="screen-only"
          sx={{
            px: 3,
            py: 0.5,
            flexShrink: 0,
            fontWeight: 700,
            color: 'verdict.unproven',
            bgcolor: 'background.paper',
            borderBottom: 1,
            borderColor: 'divider',
          }}
        >
          {say('screen.top-bar.no-connection')}
        </Box>
      )}
      <Suspense fallback={null}>
        {menu && (
          <BarMenu
            open
            onClose={() => setMenu(false)}
            dark={dark}
            onDark={(next) => setMode(next ? 'dark' : 'light')}
            onKeys={() => showKeys(true)}
            isPractice={person.data?.practice ?? false}
          >
            {(!isWide || children !== undefined) && <Ways isColumn />}
            {!isWide && (
              <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.5, mt: 1 }}>
                {tools.filter(({ isInMenu }) => isInMenu !== true).map(tool)}
                {units}
                {leave}
              </Box>
            )}
          </BarMenu>
        )}
        {(keys || ownKeys) && <KeysHelp open onClose={() => showKeys(false)} />}
      </Suspense>
    </>
  );
}

/** The ways to other screens. */
function Ways({ isColumn = false }: { isColumn?: boolean }) {
  return (
    <Box
      component="nav"
      aria-label={say('screen.top-bar.screens')}
      sx={isColumn ? { display: 'grid', gridTemplateColumns: '1fr 1fr' } : { display: 'flex' }}
    >
      {ways().map(([to, words]) => (
        <Button
          key={to}
          component={NavLink}
          to={to}
          end={to === '/'}
          color="inherit"
          sx={{
            '&.active': { bgcolor: 'background.paper' },
            ...(isColumn ? { justifyContent: 'flex-start' } : { whiteSpace: 'nowrap' }),
          }}
        >
          {words}
        </Button>
      ))}
    </Box>
  );
}

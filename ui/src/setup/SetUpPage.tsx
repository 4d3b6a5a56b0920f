import Autocomplete from '@mui/material/Autocomplete';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMutation } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { answer, client, Refused } from '../api/client';
import type { Person, SetUp } from '../api/types';
import { uuid7 } from '../api/uuid7';
import { useKept } from '../sheet/useKept';
import { say } from '../words/say';
import { BayPart } from './BayPart';
import { KitPart } from './KitPart';
import { Part } from './Part';
import { Pick } from '../sheet/Pick';
import { begin, body, type Typed } from './typed';

/** The first run: a shop, its lead, a bay and a kit on one page. What is typed outlives a reload, the password aside. */
export function SetUpPage({
  offer,
  onOpened,
  onSignIn,
}: {
  offer: SetUp;
  onOpened: (lead: Person) => void;
  onSignIn: (() => void) | null;
}) {
  const [typed, setTyped, forget] = useKept<Typed>('set-up', () => begin(uuid7()));
  const [password, setPassword] = useState('');
  const set = (change: Partial<Typed>) => setTyped({ ...typed, ...change });
  const shop = (change: Partial<Typed['shop']>) => set({ shop: { ...typed.shop, ...change } });
  const lead = (change: Partial<Typed['lead']>) => set({ lead: { ...typed.lead, ...change } });
  const open = useMutation({
    mutationFn: () =>
      answer(client.POST('/api/set-up', { body: body(typed, password, offer.kit) })),
    onSuccess: (person) => {
      forget();
      onOpened(person);
    },
  });
  const problem = open.error instanceof Refused ? open.error.problem : null;
  const wrong = (path: string) => (problem?.path === path ? problem.title : undefined);
  useEffect(() => {
    document.title = say('screen.page.lumbro', { title: say('screen.set-up.title') });
  }, []);
  useEffect(() => {
    if (problem !== null) {
      document.querySelector('[aria-invalid=true]')?.scrollIntoView({ block: 'center' });
    }
  }, [problem]);
  return (
    <Box component="main" sx={{ maxWidth: 900, mx: 'auto', p: { xs: 2, sm: 3 } }}>
      <Typography variant="h1">{say('screen.set-up.title')}</Typography>
      <Typography color="text.secondary" sx={{ mb: 2 }}>
        {say('screen.set-up.lead-in')}
      </Typography>
      {onSignIn && (
        <Button variant="outlined" sx={{ mb: 2 }} onClick={onSignIn}>
          {say('screen.set-up.to-practice')}
        </Button>
      )}
      <Box
        component="form"
        onSubmit={(event) => {
          event.preventDefault();
          open.mutate();
        }}
      >
        <Part title={say('screen.set-up.shop')}>
          <Text
            id="code"
            label={say('screen.set-up.code')}
            hint={say('screen.set-up.code-hint')}
            value={typed.code}
            onChange={(code) => set({ code })}
            wrong={wrong('/code')}
          />
          <Text
            id="shop-name"
            label={say('screen.set-up.shop-name')}
            value={typed.shop.name}
            onChange={(name) => shop({ name })}
            wrong={wrong('/shop/name')}
          />
          <Autocomplete
            options={offer.zones}
            value={typed.shop.zone}
            disableClearable
            onChange={(_, zone) => shop({ zone })}
            renderInput={(field) => (
              <TextField
                {...field}
                id="zone"
                label={say('screen.set-up.zone')}
                error={wrong('/shop/zone') !== undefined}
                helperText={wrong('/shop/zone')}
              />
            )}
          />
          <Pick
            label={say('screen.set-up.language')}
            value={typed.shop.language}
            options={[['en', 'English']]}
            onChange={(language) => shop({ language })}
          />
          <Pick
            label={say('screen.set-up.unit')}
            value={typed.shop.unit}
            options={[
              ['mm', say('screen.set-up.millimetres')],
              ['in', say('screen.set-up.inches')],
            ]}
            onChange={(unit) => shop({ unit })}
          />
          <Pick
            label={say('screen.set-up.decimal')}
            value={typed.shop.decimal}
            options={[
              ['.', '2,275.5'],
              [',', '2 275,5'],
            ]}
            onChange={(decimal) => shop({ decimal })}
          />
          <Pick
            label={say('screen.set-up.paper')}
            value={typed.shop.paper}
            options={[
              ['A4', 'A4'],
              ['Letter', 'Letter'],
            ]}
            onChange={(paper) => shop({ paper })}
          />
        </Part>
        <Part title={say('screen.set-up.you')} note={say('screen.set-up.you-note')}>
          <Text
            id="lead-name"
            label={say('screen.set-up.your-name')}
            autoComplete="name"
            value={typed.lead.name}
            onChange={(name) => lead({ name })}
            wrong={wrong('/lead/name')}
          />
          <Text
            id="lead-email"
            label={say('screen.e-mail')}
            type="email"
            autoComplete="username"
            value={typed.lead.email}
            onChange={(email) => lead({ email })}
            wrong={wrong('/lead/email')}
          />
          <Text
            id="lead-password"
            label={say('screen.new-password')}
            type="password"
            autoComplete="new-password"
            hint={say('screen.own-account.at-least-12-characters')}
            value={password}
            onChange={setPassword}
            wrong={wrong('/lead/password')}
          />
        </Part>
        <BayPart bay={typed.bay} onChange={(bay) => set({ bay })} wrong={wrong} />
        <KitPart
          checklist={offer.kit}
          kit={typed.kit}
          onChange={(kit) => set({ kit })}
          wrong={wrong}
        />
        {open.isError && (
          <Typography role="alert" sx={{ color: 'verdict.out', fontWeight: 700, mb: 1 }}>
            {open.error.message}
          </Typography>
        )}
        <Button
          type="submit"
          variant="contained"
          fullWidth
          loading={open.isPending}
          sx={{ minHeight: 56 }}
        >
          {say('screen.set-up.open')}
        </Button>
      </Box>
    </Box>
  );
}

function Text({
  id,
  label,
  value,
  onChange,
  wrong,
  hint,
  type = 'text',
  autoComplete = 'off',
}: {
  id: string;
  label: string;
  value: string;
  onChange: (value: string) => void;
  wrong: string | undefined;
  hint?: string;
  type?: string;
  autoComplete?: string;
}) {
  return (
    <TextField
      id={id}
      label={label}
      type={type}
      required
      value={value}
      onChange={(event) => onChange(event.target.value)}
      error={wrong !== undefined}
      helperText={wrong ?? hint}
      slotProps={{ htmlInput: { maxLength: 120, autoComplete } }}
    />
  );
}

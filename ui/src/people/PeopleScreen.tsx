import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import Skeleton from '@mui/material/Skeleton';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useQuery } from '../api/useQuery';
import { answer, client, Refused } from '../api/client';
import type { People } from '../api/types';
import { uuid7 } from '../api/uuid7';
import { TryAgain } from '../shell/Opening';
import { Page } from '../shell/Page';
import { Sheet } from '../sheet/Sheet';
import { LeadsRule } from './LeadsRule';
import { OwnAccount } from './OwnAccount';
import { say } from '../words/say';

type Member = People['people'][number];
type RoleId = Member['role'];

type Change = {
  role?: RoleId;
  active?: boolean;
  newPassword?: boolean;
  secondFactor?: false;
};

const KEY = ['people'];

/** Who works here and may do what, and one's own password. */
export function PeopleScreen() {
  const queries = useQueryClient();
  const people = useQuery({ queryKey: KEY, queryFn: () => answer(client.GET('/api/people')) });
  const [told, setTold] = useState<{ name: string; password: string } | null>(null);
  const took = (found: People, name: string) => {
    queries.setQueryData(KEY, found);
    setTold(found.password === null ? null : { name, password: found.password });
  };
  const change = useMutation({
    mutationFn: (wanted: { member: Member; change: Change }) =>
      answer(
        client.POST('/api/people/{person}', {
          params: { path: { person: wanted.member.id } },
          body: { id: uuid7(), version: 0, ...wanted.change },
        }),
      ),
    onSuccess: (found, wanted) => took(found, wanted.member.name),
  });
  const data = people.data;
  return (
    <Page title={say('screen.people')}>
      <Box
        sx={{
          display: 'grid',
          gap: 3,
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) 400px' },
          alignItems: 'start',
        }}
      >
        <Box>
          {people.isPending && <Skeleton variant="rectangular" height={280} />}
          {people.isError && (
            <TryAgain message={people.error.message} again={() => void people.refetch()} />
          )}
          {told && (
            <Sheet
              title={say('screen.people-screen.first-password', { told: told.name })}
              note={say('screen.people-screen.told-once-they-change')}
            >
              <Typography
                data-testid="first-password"
                sx={{ fontSize: '1.4rem', fontWeight: 700, my: 1, overflowWrap: 'anywhere' }}
              >
                {told.password}
              </Typography>
              <Button variant="outlined" onClick={() => setTold(null)}>
                {say('screen.people-screen.they-have-it')}
              </Button>
            </Sheet>
          )}
          {change.isError && (
            <Typography role="alert" sx={{ color: 'verdict.out', fontWeight: 700, mb: 1 }}>
              {change.error.message}
            </Typography>
          )}
          {data?.people.map((member) => (
            <Line
              key={member.id}
              member={member}
              roles={data.roles}
              onChange={
                data.mayChange ? (wanted) => change.mutate({ member, change: wanted }) : null
              }
            />
          ))}
          {data?.mayChange && (
            <LeadsRule
              wanted={data.leadsNeedSecond}
              onDone={(found) => queries.setQueryData(KEY, found)}
            />
          )}
          {data?.mayChange && <LetIn roles={data.roles} onDone={took} />}
          {data && (
            <Box component="section" aria-label={say('screen.people-screen.roles')} sx={{ mt: 3 }}>
              <Typography variant="h2" sx={{ mb: 1 }}>
                {say('screen.people-screen.roles')}
              </Typography>
              {data.roles.map((role) => (
                <Typography key={role.id} sx={{ mb: 0.5 }}>
                  <b>{say(`role.${role.id}`)}</b>: {role.says}
                </Typography>
              ))}
            </Box>
          )}
        </Box>
        <OwnAccount />
      </Box>
    </Page>
  );
}

function Line({
  member,
  roles,
  onChange,
}: {
  member: Member;
  roles: People['roles'];
  onChange: ((wanted: Change) => void) | null;
}) {
  return (
    <Box
      sx={{
        display: 'flex',
        flexWrap: 'wrap',
        alignItems: 'center',
        gap: 1.5,
        bgcolor: 'background.paper',
        border: 1,
        borderColor: 'divider',
        p: 1.5,
        mb: 1,
        opacity: member.active ? 1 : 0.75,
      }}
    >
      <Box sx={{ flex: 1, minWidth: 200, overflowWrap: 'anywhere' }}>
        <b>{member.name}</b>
        {member.isYou && ` ${say('screen.people-screen.you')}`}
        {!member.active && say('screen.people-screen.shut-out')}
        <Typography variant="body2" color="text.secondary">
          {member.email}
          {member.second && ` · ${say('screen.people-screen.second')}`}
          {member.isNew && member.active && ` · ${say('screen.people-screen.new')}`}
        </Typography>
      </Box>
      {onChange ? (
        <>
          <TextField
            select
            size="small"
            label={say('screen.people-screen.role')}
            value={member.role}
            onChange={(event) => onChange({ role: event.target.value as RoleId })}
            sx={{
              width: 150,
              '& .MuiSelect-select': { minHeight: '32px !important', lineHeight: '32px' },
            }}
            slotProps={{
              htmlInput: {
                'aria-label': say('screen.people-screen.role-of', { member: member.name }),
              },
            }}
          >
            {roles.map((role) => (
              <MenuItem key={role.id} value={role.id} sx={{ minHeight: 48 }}>
                {say(`role.${role.id}`)}
              </MenuItem>
            ))}
          </TextField>
          <Button color="inherit" onClick={() => onChange({ newPassword: true })}>
            {say('screen.new-password')}
          </Button>
          {!member.isYou && member.second && (
            <Button color="inherit" onClick={() => onChange({ secondFactor: false })}>
              {say('screen.people-screen.end-second')}
            </Button>
          )}
          {!member.isYou && (
            <Button color="inherit" onClick={() => onChange({ active: !member.active })}>
              {member.active
                ? say('screen.people-screen.shut-out-now')
                : say('screen.people-screen.let-in-again')}
            </Button>
          )}
        </>
      ) : (
        <span>{say(`role.${member.role}`)}</span>
      )}
    </Box>
  );
}

function LetIn({
  roles,
  onDone,
}: {
  roles: People['roles'];
  onDone: (found: People, name: string) => void;
}) {
  const [name, setName] = useState('');
  const [email, setEmail] = useState('');
  const [role, setRole] = useState<RoleId>('technician');
  const add = useMutation({
    mutationFn: () =>
      answer(
        client.POST('/api/people', {
          body: { id: uuid7(), version: 0, name: name.trim(), email: email.trim(), role },
        }),
      ),
    onSuccess: (found) => {
      onDone(found, name.trim());
      setName('');
      setEmail('');
    },
  });
  const problem = add.error instanceof Refused ? add.error.problem : null;
  const wrong = (path: string) => (problem?.path === path ? problem.title : undefined);
  return (
    <Box
      component="form"
      aria-label={say('screen.people-screen.let-somebody-in')}
      sx={{
        display: 'grid',
        gap: 1,
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', sm: '1fr 1fr 150px auto' },
        alignItems: 'start',
        mt: 2,
      }}
      onSubmit={(event) => {
        event.preventDefault();
        add.mutate();
      }}
    >
      <TextField
        id="new-name"
        label={say('screen.name')}
        required
        value={name}
        onChange={(event) => setName(event.target.value)}
        error={wrong('/name') !== undefined}
        helperText={wrong('/name')}
        slotProps={{ htmlInput: { minLength: 2, maxLength: 80 } }}
      />
      <TextField
        id="new-email"
        label={say('screen.e-mail')}
        type="email"
        required
        value={email}
        onChange={(event) => setEmail(event.target.value)}
        error={wrong('/email') !== undefined}
        helperText={wrong('/email')}
      />
      <TextField
        select
        id="new-role"
        label={say('screen.people-screen.role')}
        value={role}
        onChange={(event) => setRole(event.target.value as RoleId)}
      >
        {roles.map((one) => (
          <MenuItem key={one.id} value={one.id} sx={{ minHeight: 48 }}>
            {say(`role.${one.id}`)}
          </MenuItem>
        ))}
      </TextField>
      <Button type="submit" variant="contained" loading={add.isPending} sx={{ minHeight: 56 }}>
        {say('screen.people-screen.let-in')}
      </Button>
      {add.isError && problem?.path === null && (
        <Typography role="alert" sx={{ color: 'verdict.out', fontWeight: 700 }}>
          {add.error.message}
        </Typography>
      )}
    </Box>
  );
}

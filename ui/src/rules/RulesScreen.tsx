import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Skeleton from '@mui/material/Skeleton';
import TextField from '@mui/material/TextField';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useParams, useNavigate } from 'react-router';
import { answer, client, Refused } from '../api/client';
import type { components } from '../api/schema.generated';
import { useQuery } from '../api/useQuery';
import { uuid7 } from '../api/uuid7';
import type { Doc } from '../cards/document';
import { finished, rowsOf, withRows } from '../cards/rows';
import { RowsEditor } from '../cards/RowsEditor';
import { FileLinks } from '../registers/FileLinks';
import { useKept } from '../sheet/useKept';
import { TryAgain } from '../shell/Opening';
import { Page } from '../shell/Page';
import { say, type Code } from '../words/say';
import { PolicyForm } from './PolicyForm';
import { RuleHistory } from './RuleHistory';
import { closed, isDefault, list, LISTS, opened, sorted } from './rulesDoc';
import { RuleTrial } from './RuleTrial';

type Rules = components['schemas']['ShopRules'];

/** Part → its title, the lists it shows, and what it is called in files. */
const PARTS: Record<string, { title: Code; lists: string[]; of: string[]; file?: string }> = {
  conditions: {
    title: 'rules.part.conditions',
    lists: ['conditions', 'values'],
    of: ['conditions'],
    file: 'rules-conditions',
  },
  owed: { title: 'rules.part.owed', lists: ['owed'], of: ['owed'], file: 'rules-owed' },
  capture: {
    title: 'rules.part.capture',
    lists: ['capture'],
    of: ['capture'],
    file: 'rules-capture',
  },
  codes: { title: 'rules.part.codes', lists: ['codes'], of: ['codes'], file: 'rules-codes' },
  phrases: { title: 'rules.part.phrases', lists: ['phrases'], of: ['phrases'] },
  policy: { title: 'rules.part.policy', lists: [], of: ['policy', 'overdue'] },
  history: { title: 'rules.part.history', lists: [], of: [] },
};

/** The shop's own rules, part by part: each with its source, the way back to what Lumbro ships, and their history. */
export function RulesScreen() {
  const page = useQuery({
    queryKey: ['shop-rules'],
    queryFn: () => answer(client.GET('/api/shop-rules')),
  });
  return (
    <Page title={say('screen.rules.title')}>
      {page.isPending && <Skeleton variant="rectangular" height={280} />}
      {page.isError && <TryAgain message={page.error.message} again={() => void page.refetch()} />}
      {page.data && <Book key={page.data.version} rules={page.data} />}
    </Page>
  );
}

function Book({ rules }: { rules: Rules }) {
  const { part: named = 'conditions' } = useParams();
  const part = PARTS[named] === undefined ? 'conditions' : named;
  const shown = PARTS[part] ?? PARTS['conditions']!;
  const navigate = useNavigate();
  const queries = useQueryClient();
  const before = rules.document as Doc;
  const defaults = rules.defaults as Doc;
  const [kept, setKept, forget] = useKept<{ doc: Doc; reason: string }>(
    `rules-${rules.version}`,
    () => ({ doc: opened(before), reason: '' }),
  );
  const doc = closed(LISTS.reduce(finished, kept.doc), before);
  const changed = sorted(doc) !== sorted(closed(opened(before), before));
  const save = useMutation({
    mutationFn: (document: Doc) =>
      answer(
        client.POST('/api/shop-rules', {
          body: {
            id: uuid7(),
            version: rules.version,
            document,
            ...(kept.reason.trim() === '' ? {} : { reason: kept.reason.trim() }),
          },
        }),
      ),
    onSuccess: (saved) => {
      forget();
      queries.setQueryData(['shop-rules'], saved);
      void queries.invalidateQueries({ queryKey: ['order'] });
    },
  });
  const problem = save.error instanceof Refused ? save.error.problem : null;
  const at = /^\/document\/(\w+)\/(\d+)\/?(.*)/.exec(problem?.path ?? '');
  return (
    <Box
      sx={{
        display: 'grid',
        gap: 2,
        gridTemplateColumns: { xs: '1fr', md: '210px minmax(0, 1fr)' },
      }}
    >
      <Box
        component="nav"
        aria-label={say('screen.rules.parts')}
        sx={{
          display: 'flex',
          flexDirection: { xs: 'row', md: 'column' },
          flexWrap: 'wrap',
          gap: 0.5,
          alignSelf: 'start',
        }}
      >
        {Object.entries(PARTS).map(([id, { title, of }]) => (
          <Button
            key={id}
            color="inherit"
            aria-current={id === part ? 'page' : undefined}
            onClick={() => void navigate(`/rules/${id}`)}
            sx={{
              justifyContent: 'flex-start',
              textAlign: 'left',
              minHeight: 48,
              borderLeft: 6,
              borderRadius: 0,
              borderColor: id === part ? 'primary.main' : 'transparent',
              fontWeight: id === part ? 700 : 400,
            }}
          >
            {say(title)}
            {of.some((one) => !isDefault(one, before, defaults)) && ` · ${say('screen.rules.own')}`}
          </Button>
        ))}
      </Box>
      <Box sx={{ minWidth: 0 }}>
        <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', alignItems: 'center', mb: 1.5 }}>
          {shown.file && <FileLinks register={shown.file} mayEdit={rules.mayEdit} />}
          <Button href="/api/shop-rules.json" download color="inherit">
            {say('screen.rules.all-as-file')}
          </Button>
          {rules.mayEdit && shown.of.length > 0 && (
            <Button
              variant="outlined"
              color="inherit"
              loading={save.isPending}
              disabled={shown.of.every((one) => isDefault(one, before, defaults))}
              onClick={() =>
                save.mutate(
                  Object.fromEntries([
                    ...Object.entries(before).filter(([key]) => !shown.of.includes(key)),
                    ...shown.of.flatMap((one) =>
                      defaults[one] === undefined ? [] : [[one, defaults[one]]],
                    ),
                  ]) as Doc,
                )
              }
              sx={{ minHeight: 48 }}
            >
              {say('screen.rules.to-default')}
            </Button>
          )}
        </Box>
        {part === 'owed' && <RuleTrial document={doc} />}
        {shown.lists.map((name) => (
          <RowsEditor
            key={name}
            of="rules"
            folded
            spec={list(name)}
            rows={rowsOf(kept.doc, list(name))}
            onChange={(rows) => setKept({ ...kept, doc: withRows(kept.doc, list(name), rows) })}
            wrong={
              at === null || at[1] !== name
                ? null
                : {
                    row: Number(at[2]),
                    key: (at[3] ?? '').replaceAll('/', '.'),
                    message: problem?.title ?? '',
                  }
            }
          />
        ))}
        {part === 'policy' && (
          <PolicyForm
            doc={kept.doc}
            problem={problem}
            usual={rules.usual}
            onChange={(next) => setKept({ ...kept, doc: next })}
          />
        )}
        {part === 'history' && <RuleHistory rules={rules} />}
        {rules.mayEdit && part !== 'history' && (
          <Box
            sx={{
              position: 'sticky',
              bottom: 0,
              bgcolor: 'background.default',
              borderTop: 1,
              borderColor: 'divider',
              py: 1.5,
              display: 'flex',
              gap: 1,
              flexWrap: 'wrap',
              alignItems: 'center',
              zIndex: 1,
            }}
          >
            <TextField
              id="rules-reason"
              label={say('screen.rules.reason')}
              value={kept.reason}
              onChange={(event) => setKept({ ...kept, reason: event.target.value })}
              sx={{ flex: 1, minWidth: 200 }}
              slotProps={{ htmlInput: { maxLength: 300 } }}
            />
            <Button
              variant="contained"
              disabled={!changed}
              loading={save.isPending}
              onClick={() => save.mutate(doc)}
              sx={{ minHeight: 56 }}
            >
              {say('screen.rules.keep')}
            </Button>
            {changed && (
              <Button color="inherit" onClick={() => setKept({ doc: opened(before), reason: '' })}>
                {say('screen.leave-it')}
              </Button>
            )}
            {save.error && (
              <Alert severity="error" sx={{ width: '100%' }}>
                {save.error.message}
              </Alert>
            )}
          </Box>
        )}
      </Box>
    </Box>
  );
}

import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Skeleton from '@mui/material/Skeleton';
import Typography from '@mui/material/Typography';
import { useNavigate, useParams } from 'react-router';
import { useQuery } from '../api/useQuery';
import { answer, client } from '../api/client';
import type { KitItem } from '../api/types';
import { at, textOf, type Doc } from '../cards/document';
import { FileLinks } from '../registers/FileLinks';
import { TryAgain } from '../shell/Opening';
import { Page } from '../shell/Page';
import { kitForms } from '../api/forms.generated';
import { useWords } from '../words/useWords';
import { ItemForm, type Sort } from './ItemForm';
import { Lessons } from './Lessons';
import { say } from '../words/say';

const SORTS = Object.keys(kitForms) as Sort[];

export const KIT = ['kit'];

/** The kit register: instruments, stands and targets, how exact they are and when they were checked. */
export function KitScreen() {
  const kit = useQuery({ queryKey: KIT, queryFn: () => answer(client.GET('/api/kit')) });
  const words = useWords();
  const { sheet } = useParams();
  const navigate = useNavigate();
  const data = kit.data;
  // The address names an item, or the sort that a new one is of.
  const edited: KitItem | Sort | null =
    data?.mayEdit === true
      ? (SORTS.find((sort) => sheet === `new-${sort}`) ??
        data.items.find((item) => item.id === sheet) ??
        null)
      : null;
  const edit = (what: string | null) => void navigate(what === null ? '/kit' : `/kit/${what}`);
  return (
    <Page title={say('screen.kit')}>
      {kit.isPending && <Skeleton variant="rectangular" height={280} />}
      {kit.isError && <TryAgain message={kit.error.message} again={() => void kit.refetch()} />}
      {data && (
        <>
          <Typography color="text.secondary" sx={{ mb: 2 }}>
            {data.overdueRule.bars
              ? say('screen.kit-screen.by-shops-rule-what')
              : say('screen.kit-screen.by-shops-rule-uncertainty', {
                  widening: data.overdueRule.widening,
                })}
          </Typography>
          <Box sx={{ mb: 2 }}>
            <FileLinks register="kit" mayEdit={data.mayEdit} />
          </Box>
          {data.items.some((item) => item.overdue && !item.retired) && (
            <Alert severity="warning" sx={{ mb: 2 }}>
              {say('screen.kit-screen.overdue', {
                filter: data.items
                  .filter((item) => item.overdue && !item.retired)
                  .map((item) => textOf((item.document as Doc)['name']))
                  .join(', '),
              })}
            </Alert>
          )}
          {edited !== null && (
            <ItemForm
              key={typeof edited === 'string' ? edited : edited.id}
              item={typeof edited === 'string' ? null : edited}
              sort={
                typeof edited === 'string' ? edited : ((edited.document as Doc)['sort'] as Sort)
              }
              onClose={() => edit(null)}
            />
          )}
          {SORTS.map((sort) => (
            <Box
              key={sort}
              component="section"
              aria-label={words.of(`kit.sort.${sort}`)}
              sx={{ mb: 3 }}
            >
              <Box
                sx={{
                  display: 'flex',
                  justifyContent: 'space-between',
                  alignItems: 'center',
                  mb: 1,
                }}
              >
                <Typography variant="h2">{words.of(`kit.sort.${sort}`)}</Typography>
                {data.mayEdit && (
                  <Button variant="outlined" onClick={() => edit(`new-${sort}`)}>
                    {say('screen.kit-screen.add')}
                  </Button>
                )}
              </Box>
              <Box
                sx={{
                  display: 'grid',
                  gap: 1.25,
                  gridTemplateColumns: { xs: '1fr', md: '1fr 1fr' },
                  alignItems: 'start',
                }}
              >
                {data.items
                  .filter((item) => (item.document as Doc)['sort'] === sort)
                  .map((item) => (
                    <Item
                      key={item.id}
                      item={item}
                      real={data.taughtByReal}
                      onEdit={data.mayEdit ? () => edit(item.id) : null}
                    />
                  ))}
              </Box>
              {!data.items.some((item) => (item.document as Doc)['sort'] === sort) && (
                <Typography color="text.secondary">
                  {say('screen.kit-screen.shop-has-none-in')}
                </Typography>
              )}
            </Box>
          ))}
        </>
      )}
    </Page>
  );
}

function Item({
  item,
  real,
  onEdit,
}: {
  item: KitItem;
  real: boolean;
  onEdit: (() => void) | null;
}) {
  const words = useWords();
  const doc = item.document as Doc;
  const sort = doc['sort'] as Sort;
  const heights = at(doc, '/heights');
  const standsIn = at(doc, '/standsInFor');
  const next = typeof doc['nextCheck'] === 'string' ? doc['nextCheck'] : null;
  return (
    <Box
      sx={{
        bgcolor: 'background.paper',
        border: 1,
        borderColor: 'divider',
        borderLeft: 6,
        borderLeftColor: item.overdue ? 'verdict.unproven' : 'divider',
        p: 1.5,
        opacity: item.retired ? 0.7 : 1,
        display: 'flex',
        gap: 1,
      }}
    >
      <Box sx={{ flex: 1, minWidth: 0, overflowWrap: 'anywhere' }}>
        <b>{textOf(doc['name'])}</b>
        {item.retired && ` ${say('screen.kit-screen.retired')}`}
        <Typography variant="body2">
          {kitForms[sort].values
            .filter((field) => field.kind === 'number' && doc[field.key] !== undefined)
            .map(
              (field) =>
                `${words.of(`kit.field.${field.key}`).toLowerCase()} ${field.key === 'accuracy' ? '±' : ''}${textOf(doc[field.key])}${sort === 'instrument' && field.unit === 'mm' && textOf(doc['note']).startsWith('Accuracy') ? '' : ` ${field.unit}`}`,
            )
            .join(' · ')}
        </Typography>
        {typeof heights === 'object' && heights !== null && !Array.isArray(heights) && (
          <Typography variant="body2">
            {say('screen.kit-screen.over-its-centre', {
              heights: Object.entries(heights)
                .map(([name, height]) =>
                  say('screen.kit-screen.mm', { name, height: textOf(height).replace('-', '−') }),
                )
                .join(', '),
            })}
          </Typography>
        )}
        {Array.isArray(standsIn) &&
          standsIn.map((one, i) => (
            <Typography key={i} variant="body2">
              {say('screen.kit-screen.stands-in-for', {
                target: textOf((one as Doc)['target']),
                changes: textOf((one as Doc)['changes']),
              })}
            </Typography>
          ))}
        <Typography
          variant="body2"
          sx={{
            color: item.overdue ? 'verdict.unproven' : 'text.secondary',
            fontWeight: item.overdue ? 700 : 400,
          }}
        >
          {next === null
            ? say('screen.kit-screen.no-check-date-kept')
            : `${item.overdue ? say('screen.kit-screen.check-was-due') : say('screen.kit-screen.next-check')} ${next}`}
          {typeof doc['lastCheck'] === 'string' &&
            say('screen.kit-screen.last', { day: doc['lastCheck'] })}
        </Typography>
        {typeof doc['note'] === 'string' && (
          <Typography variant="body2" color="text.secondary">
            {doc['note']}
          </Typography>
        )}
        <Lessons item={item} real={real} />
      </Box>
      {onEdit && (
        <Button
          color="inherit"
          onClick={onEdit}
          sx={{ alignSelf: 'flex-start' }}
          aria-label={say('screen.kit-screen.change', { doc: textOf(doc['name']) })}
        >
          {say('screen.kit-screen.change-it')}
        </Button>
      )}
    </Box>
  );
}

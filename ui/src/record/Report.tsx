import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import Typography from '@mui/material/Typography';
import { useParams } from 'react-router';
import type { ReactNode } from 'react';
import type { Respect, Workspace } from '../api/types';
import { FloorPlan } from '../floor/FloorPlan';
import { STANCES } from '../floor/view';
import { chance, degrees, length, limit, type LengthDisplay } from '../words/length';
import { clock, moment } from '../words/moments';
import { useLengthDisplay } from '../words/useLengthDisplay';
import { Page } from '../shell/Page';
import { VerdictMark } from '../shell/VerdictMark';
import { ExportButton } from '../workspace/sheets/CloseSheet';
import { Events } from '../workspace/run/Events';
import { FindingCard } from '../workspace/run/FindingCard';
import { RunResult } from '../workspace/sheets/RunResult';
import { useTask } from '../workspace/task/useTask';
import { figures } from '../theme/theme';
import { say } from '../words/say';

/** The record of a task, for the screen and for paper. */
export function Report() {
  const { task = '' } = useParams();
  const file = useTask(task);
  const [display] = useLengthDisplay();
  const state = file.query.data;
  if (!state) {
    return (
      <Page title={say('screen.record')}>
        <p role={file.query.isError ? 'alert' : undefined}>
          {file.query.error?.message ?? say('screen.report.opening-record')}
        </p>
      </Page>
    );
  }
  return (
    <Page title={say('screen.report.record', { number: state.order.number })}>
      <Box className="screen-only" sx={{ display: 'flex', gap: 1, mb: 2 }}>
        <Button variant="contained" onClick={() => window.print()}>
          {say('screen.print')}
        </Button>
        {state.seal && <ExportButton task={state.task} />}
      </Box>
      <Seal state={state} />
      <Part title={say('screen.report.car-and-sensor')}>
        <Typography>
          {state.order.vehicle}, {state.order.plate}. {state.card.sensor}.
        </Typography>
        <Typography>
          {say('screen.report.edition-entered-by', {
            card: state.card.title,
            source: state.card.source,
            edition: state.card.edition,
            dated: state.card.dated,
            enteredBy: state.card.enteredBy,
            checkedBy: state.card.checkedBy
              ? say('screen.checked-by', { checkedBy: state.card.checkedBy })
              : say('screen.not-checked'),
          })}
        </Typography>
      </Part>
      <Part title={say('screen.report.axis')}>
        {state.runs.length === 0 && (
          <Typography>{say('screen.report.axis-was-not-read')}</Typography>
        )}
        {state.run.sentBack && (
          <Typography sx={{ fontWeight: 700 }}>
            {say('screen.report.sent-back-by', {
              to: state.run.sentBack.to,
              sentBack: state.run.sentBack.name,
              reasons: state.run.sentBack.reasons.join(' '),
            })}
          </Typography>
        )}
        {state.run.finding && (
          <>
            <VerdictMark verdict={state.run.finding.verdict} />
            <FindingCard state={state} finding={state.run.finding} />
          </>
        )}
      </Part>
      {state.run.events.length > 0 && (
        <Part title={say('screen.report.run-line-by-line')}>
          <Events state={state} />
          {[...state.runs].reverse().map((run) => (
            <RunResult key={run.id} run={run} card={state.card} />
          ))}
        </Part>
      )}
      <Part title={say('screen.set-up')}>
        <Box sx={{ position: 'relative', height: 340, maxWidth: 720, breakInside: 'avoid', mb: 2 }}>
          <FloorPlan state={state} stance={STANCES[0]!} display={display} />
        </Box>
        <Verdicts verdicts={state.verdicts} display={display} />
      </Part>
      <Part title={say('screen.readings')}>
        <Readings state={state} />
      </Part>
      <Part title={say('screen.report.preparation-and-line')}>
        <Box component="ul" sx={{ pl: 2.5 }}>
          {[...state.preparation, ...state.lineSteps].map((question) => (
            <li key={question.id}>
              {question.question}: <b>{question.answer ?? say('screen.report.not-answered')}</b>
              {question.word && say('screen.on-word', { word: question.word })}
              {question.person && ` (${question.person})`}
            </li>
          ))}
        </Box>
      </Part>
      <Part title={say('screen.what-this-record-does')}>
        <Box component="ul" sx={{ pl: 2.5 }}>
          {state.notProven.map((sentence) => (
            <li key={sentence}>{sentence}</li>
          ))}
        </Box>
      </Part>
      <Part title={say('screen.cautions')}>
        {state.card.cautions.map((caution) => (
          <Typography key={caution}>{caution}</Typography>
        ))}
        <Typography>{say('screen.report.car-whose-driver-assistance')}</Typography>
      </Part>
    </Page>
  );
}

function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Box
      component="section"
      sx={{
        mb: 3,
        bgcolor: 'background.paper',
        p: 2,
        border: 1,
        borderColor: 'divider',
        '@media print': { border: 0, p: 0, bgcolor: '#fff' },
      }}
    >
      <Typography variant="h2" sx={{ mb: 1 }}>
        {title}
      </Typography>
      {children}
    </Box>
  );
}

function Seal({ state }: { state: Workspace }) {
  return (
    <Part title={state.seal ? say('screen.sealed') : say('screen.report.not-sealed')}>
      {state.seal ? (
        <>
          <Typography>
            {say('screen.report.sha-256-over-records', {
              at: moment(state.seal.at),
            })}
          </Typography>
          <Typography data-testid="seal" sx={{ fontFamily: figures, overflowWrap: 'anywhere' }}>
            {state.seal.hash}
          </Typography>
        </>
      ) : (
        <Typography>{say('screen.report.this-record-still-open')}</Typography>
      )}
    </Part>
  );
}

function Verdicts({ verdicts, display }: { verdicts: Respect[]; display: LengthDisplay }) {
  const size = (respect: Respect, value: number) =>
    respect.unit === 'mm' ? length(value, display, display === 'mm' ? 1 : 0) : degrees(value);
  return (
    <Table size="small">
      <TableHead>
        <TableRow>
          {[
            say('screen.report.respect'),
            say('screen.report.deviation'),
            say('screen.report.standard-uncertainty'),
            say('screen.report.tolerance'),
            say('screen.report.verdict'),
            say('screen.report.chance'),
          ].map((head) => (
            <TableCell key={head}>{head}</TableCell>
          ))}
        </TableRow>
      </TableHead>
      <TableBody>
        {verdicts.map((respect) => (
          <TableRow key={respect.id}>
            <TableCell>{respect.title}</TableCell>
            <TableCell>
              {respect.deviation === undefined
                ? ''
                : `${size(respect, respect.deviation)} ${respect.direction}`}
            </TableCell>
            <TableCell>
              {respect.uncertainty === undefined ? '' : size(respect, respect.uncertainty)}
            </TableCell>
            <TableCell>
              {respect.tolerance === null
                ? say('screen.report.none-given')
                : `±${respect.unit === 'mm' ? limit(respect.tolerance, display) : degrees(respect.tolerance)}`}
            </TableCell>
            <TableCell>
              <VerdictMark verdict={respect.verdict} size={15} />
            </TableCell>
            <TableCell>
              {respect.probability === undefined ? '' : chance(respect.probability)}
            </TableCell>
          </TableRow>
        ))}
      </TableBody>
    </Table>
  );
}

function Readings({ state }: { state: Workspace }) {
  return (
    <Table size="small">
      <TableHead>
        <TableRow>
          {[
            say('screen.report.reading'),
            say('screen.report.as-typed'),
            say('screen.report.to'),
            say('screen.report.person'),
            say('screen.report.time'),
            say('screen.report.counts'),
          ].map((head, i) => (
            <TableCell key={i}>{head}</TableCell>
          ))}
        </TableRow>
      </TableHead>
      <TableBody>
        {state.ledger.map((reading) => (
          <TableRow key={reading.id}>
            <TableCell>{reading.title}</TableCell>
            <TableCell>
              {reading.fate === 'struck' ? <s>{reading.typed}</s> : reading.typed}
            </TableCell>
            <TableCell>{reading.datum}</TableCell>
            <TableCell>{reading.person}</TableCell>
            <TableCell>{clock(reading.at)}</TableCell>
            <TableCell>
              {
                {
                  counts: '',
                  struck: say('screen.report.struck'),
                  replaced: say('screen.read-again'),
                  moved: say('screen.before-move'),
                }[reading.fate]
              }
            </TableCell>
          </TableRow>
        ))}
      </TableBody>
    </Table>
  );
}

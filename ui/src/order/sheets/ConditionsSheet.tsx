import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { Condition, Order } from '../../api/types';
import { clock } from '../../words/moments';
import { AnswerButtons, ANSWERS, type Answer } from '../../sheet/AnswerButtons';
import { useKept } from '../../sheet/useKept';
import { typedValues, ValueFields } from '../../sheet/ValueFields';
import { Sheet } from '../../sheet/Sheet';
import type { OrderFile } from '../parts/useOrder';
import { AnswerRow } from './AnswerRow';
import { say } from '../../words/say';

const key = (condition: Condition) => `${condition.item} ${condition.sensor ?? ''}`;

/** The preconditions, one after the other, with the values they have and what an unmet one does to the result. */
export function ConditionsSheet({ order, file }: { order: Order; file: OrderFile }) {
  const [chosen, setChosen] = useState<string | null>(null);
  const present =
    order.conditions.find((condition) => key(condition) === chosen) ??
    order.conditions.find((condition) => condition.answer === null);
  // Whoever has looked at all of them says so once; what has a value is answered by itself.
  const plain = order.conditions.filter(
    (condition) => condition.answer === null && condition.values.length === 0,
  );
  return (
    <>
      {present ? (
        <ConditionForm
          order={order.id}
          key={key(present)}
          condition={present}
          file={file}
          onDone={() => setChosen(null)}
        />
      ) : (
        <Sheet
          title={
            order.conditions.length === 0
              ? say('screen.conditions-sheet.no-sensor-owed-calibration')
              : say('screen.conditions-sheet.all-answered')
          }
          note={
            order.conditions.length === 0
              ? say('screen.conditions-sheet.then-nothing-needs-be')
              : say('screen.tap-line-answer-it')
          }
        />
      )}
      {plain.length > 1 && (
        <Button
          variant="outlined"
          fullWidth
          disabled={file.isWriting}
          sx={{ mb: 2, minHeight: 48 }}
          onClick={() =>
            file.note({
              kind: 'conditions',
              payload: {
                items: plain.map(({ item, sensor }) => ({
                  item,
                  ...(sensor === null ? {} : { sensor }),
                })),
              },
            })
          }
        >
          {say('screen.conditions-sheet.all-yes', { count: plain.length })}
        </Button>
      )}
      <Box
        component="ul"
        sx={{ listStyle: 'none', p: 0, m: 0 }}
        aria-label={say('screen.conditions-sheet.preconditions')}
      >
        {order.conditions.map((condition) => (
          <AnswerRow
            key={key(condition)}
            present={present === condition}
            onAsk={() => setChosen(key(condition))}
          >
            <span>
              {condition.sensorName && (
                <Box
                  component="span"
                  sx={{ display: 'block', fontSize: '0.85rem', color: 'text.secondary' }}
                >
                  {condition.sensorName}
                </Box>
              )}
              {condition.question}
              {[...condition.findings, ...(condition.effect ? [condition.effect] : [])].map(
                (text) => (
                  <Box
                    component="span"
                    key={text}
                    sx={{ display: 'block', fontSize: '0.9rem', color: 'verdict.out' }}
                  >
                    {text}
                  </Box>
                ),
              )}
            </span>
            <Said condition={condition} />
          </AnswerRow>
        ))}
      </Box>
    </>
  );
}

function Said({ condition }: { condition: Condition }) {
  if (condition.answer === null) {
    return <span>—</span>;
  }
  const values = condition.values.filter((value) => value.typed !== null);
  return (
    <Box
      component="span"
      sx={{
        textAlign: 'right',
        flexShrink: 0,
        maxWidth: 170,
        fontWeight: 700,
        color: condition.met ? 'verdict.holds' : 'verdict.out',
      }}
    >
      {condition.findings.length > 0
        ? say('screen.conditions-sheet.not-met')
        : say(ANSWERS[condition.answer])}
      <Box
        component="span"
        sx={{
          display: 'block',
          fontWeight: 400,
          fontSize: '0.8rem',
          color: 'text.secondary',
          overflowWrap: 'anywhere',
        }}
      >
        {values.length > 0 &&
          `${values.map((value) => value.typed).join(' / ')} ${values[0]?.unit}, `}
        {condition.word ?? condition.person}
        {condition.at && `, ${clock(condition.at)}`}
      </Box>
    </Box>
  );
}

function ConditionForm({
  order,
  condition,
  file,
  onDone,
}: {
  order: string;
  condition: Condition;
  file: OrderFile;
  onDone: () => void;
}) {
  const [values, setValues, forget] = useKept<Record<string, string>>(
    `condition-${order}-${key(condition)}`,
    () => Object.fromEntries(condition.values.map((value) => [value.id, value.typed ?? ''])),
  );
  const record = (answer: Answer, word?: string) => {
    file.note(
      {
        kind: 'condition',
        payload: {
          item: condition.item,
          answer,
          ...(condition.sensor === null ? {} : { sensor: condition.sensor }),
          ...(word === undefined ? {} : { word }),
          ...typedValues(condition.values, values),
        },
      },
      () => {
        forget();
        onDone();
      },
    );
  };
  return (
    <Sheet
      title={condition.question}
      note={`${condition.sensorName ? `${condition.sensorName}. ` : ''}${condition.blocks ? `${say('screen.not-met-it-bars')} ` : `${say('screen.not-met-it-warning')} `}${condition.why}`}
      testId="condition"
    >
      <ValueFields
        values={condition.values}
        typed={values}
        onType={setValues}
        onEnter={() => record('yes')}
      />
      <AnswerButtons busy={file.isWriting} onAnswer={record} />
      {condition.source !== '' && (
        <Typography variant="body2" color="text.secondary" sx={{ mt: 1 }}>
          {condition.source}
        </Typography>
      )}
    </Sheet>
  );
}

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { answer, client, Refused } from '../api/client';
import type { DayRules } from '../api/types';
import { uuid7 } from '../api/uuid7';
import { say } from '../words/say';
import { Figure } from './FigureField';
import { Openings } from './Openings';
import { Outside } from './OutsideForm';
import { PersonHours } from './PersonHours';
import { without, type RulesDocument as Document } from './rulesDocument';
import { useRulesChange } from './useRules';
import { Walls } from './Walls';

const WARM_UP = 120;

/** The shop's hours, its people and its figures, kept together. */
export function RulesForm({ rules }: { rules: DayRules }) {
  const [document, setDocument] = useState<Document>(rules.document);
  const save = useRulesChange((wanted: Document) =>
    answer(
      client.POST('/api/day/rules', {
        body: { id: uuid7(), version: rules.version, document: wanted },
      }),
    ),
  );
  const problem = save.error instanceof Refused ? save.error.problem : null;
  const change = (part: Partial<Document>) => setDocument({ ...document, ...part });
  const ro = !rules.mayChange;
  const isChanged = JSON.stringify(document) !== JSON.stringify(rules.document);
  return (
    <Box
      component="form"
      aria-label={say('screen.hours')}
      onSubmit={(event) => {
        event.preventDefault();
        save.mutate(document);
      }}
    >
      <Typography variant="h2">{say('screen.hours.shop')}</Typography>
      <Typography color="text.secondary" sx={{ mb: 1 }}>
        {say('screen.hours.shop-note')}
      </Typography>
      <Openings
        openings={document.opening ?? []}
        disabled={ro}
        problem={problem?.path?.startsWith('/document/opening') ? problem.title : null}
        onChange={(opening) => change({ opening })}
      />
      <Typography variant="h2" sx={{ mt: 3 }}>
        {say('screen.people')}
      </Typography>
      {rules.people.map((person) => (
        <PersonHours
          key={person.id}
          name={person.name}
          own={document.people?.find((one) => one.person === person.id) ?? { person: person.id }}
          disabled={ro}
          onChange={(own) =>
            change({
              people: [...(document.people ?? []).filter((one) => one.person !== person.id), own],
            })
          }
        />
      ))}
      <Typography variant="h2" sx={{ mt: 3 }}>
        {say('screen.hours.walls')}
      </Typography>
      <Typography color="text.secondary" sx={{ mb: 1 }}>
        {say('screen.hours.walls-note')}
      </Typography>
      <Walls
        walls={document.walls ?? []}
        bays={rules.bays}
        disabled={ro}
        onChange={(walls) => change({ walls })}
      />
      <Typography variant="h2" sx={{ mt: 3, mb: 1 }}>
        {say('screen.hours.waits')}
      </Typography>
      <Box
        sx={{ display: 'grid', gap: 1, gridTemplateColumns: { xs: '1fr', sm: 'repeat(3, 1fr)' } }}
      >
        <Figure
          id="warm-up"
          label={say('screen.hours.warm-up')}
          value={document.warmUp ?? 0}
          most={WARM_UP}
          disabled={ro}
          onChange={(warmUp) => change({ warmUp: warmUp ?? 0 })}
        />
        <Figure
          id="latitude"
          label={say('screen.hours.latitude')}
          value={document.latitude ?? null}
          least={-89}
          most={89}
          step="any"
          disabled={ro}
          onChange={(latitude) =>
            setDocument(
              without(
                { ...document, ...(latitude === null ? {} : { latitude }) },
                'latitude',
                latitude === null,
              ),
            )
          }
        />
        <Figure
          id="east"
          label={say('screen.hours.east')}
          value={document.east ?? null}
          least={-180}
          most={180}
          step="any"
          disabled={ro}
          onChange={(east) =>
            setDocument(
              without({ ...document, ...(east === null ? {} : { east }) }, 'east', east === null),
            )
          }
        />
      </Box>
      <Typography color="text.secondary" sx={{ mt: 0.5 }}>
        {say('screen.hours.daylight-note')}
      </Typography>
      <Outside document={document} disabled={ro} onChange={setDocument} />
      {save.isError && (
        <Typography role="alert" sx={{ color: 'verdict.out', fontWeight: 700, mt: 1 }}>
          {save.error.message}
        </Typography>
      )}
      {!ro && (
        <Button
          type="submit"
          variant="contained"
          loading={save.isPending}
          disabled={!isChanged}
          sx={{ mt: 2, minHeight: 56 }}
        >
          {say('screen.hours.keep')}
        </Button>
      )}
    </Box>
  );
}

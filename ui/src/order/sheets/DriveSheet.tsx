import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { DriveJudged } from '../../api/types';
import { FileButton } from '../../shell/FileButton';
import { TryAgain } from '../../shell/Opening';
import { usePerson } from '../../session/usePerson';
import { Sheet } from '../../sheet/Sheet';
import { LostMark, minutes } from '../parts/DriveDrawing';
import type { Drives } from '../parts/useDrives';
import { moment } from '../../words/moments';
import { say } from '../../words/say';

/** The learning drive: what the cards ask, what of it counted, and why the rest did not. */
export function DriveSheet({ drives }: { drives: Drives }) {
  const { page, take, drive, setChosen } = drives;
  const person = usePerson();
  const [driver, setDriver] = useState<string | null>(null);
  const who = driver ?? person.data?.name ?? '';
  if (!page.data) {
    return page.isError ? (
      <TryAgain message={page.error.message} again={() => void page.refetch()} />
    ) : (
      <Typography>{say('screen.drive-sheet.looking-at-drives')}</Typography>
    );
  }
  const { asked, without } = page.data;
  return (
    <>
      {asked.length === 0 ? (
        <Sheet
          title={say('screen.drive-sheet.no-card-asks-for')}
          note={say('screen.drive-sheet.track-may-be-kept')}
        />
      ) : (
        alike(drive?.sensors ?? []).map(([judged, names]) => (
          <Judged key={judged.id} judged={judged} names={names} />
        ))
      )}
      {asked.length > 0 && !drive && (
        <Sheet
          title={say('screen.drive-sheet.not-driven-yet')}
          note={say('screen.licensed-driver-road-law')}
        >
          {asked.map((one) => (
            <Typography key={one.id} sx={{ mt: 1 }}>
              {say('screen.drive-sheet.and-km-at-km', {
                sensor: one.name,
                time: minutes(one.seconds),
                distance: (one.metres / 1000).toFixed(0),
                slowest: one.slowest,
                fastest: one.fastest,
                daylight: one.daylight ? say('screen.drive-sheet.by-daylight') : '',
              })}
            </Typography>
          ))}
        </Sheet>
      )}
      {drive && (
        <Typography sx={{ mb: 1 }} variant="body2">
          {say('screen.drive-sheet.drove-points', {
            driver: drive.driver,
            from: moment(drive.track.from),
            points: drive.track.points,
            untimed:
              drive.track.untimed > 0
                ? say('screen.drive-sheet.more-without-time', { untimed: drive.track.untimed })
                : '',
            file: drive.file,
          })}
        </Typography>
      )}
      {drive && (
        <Typography sx={{ mb: 2 }}>
          {say('screen.drive-sheet.drive-that-completes-says')}
        </Typography>
      )}
      {page.data.drives.length > 1 && (
        <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', mb: 2 }}>
          {page.data.drives.map((known, i) => (
            <Button
              key={known.id}
              variant={known.id === drive?.id ? 'contained' : 'outlined'}
              onClick={() => setChosen(known.id)}
            >
              {say('screen.drive-sheet.drive', { i: i + 1 })}
            </Button>
          ))}
        </Box>
      )}
      <Box sx={{ display: 'grid', gap: 1.5 }}>
        <TextField
          id="driver"
          label={say('screen.who-drove')}
          value={who}
          onChange={(event) => setDriver(event.target.value)}
          slotProps={{ htmlInput: { maxLength: 80 } }}
        />
        <FileButton
          accept=".gpx,.csv,.xml"
          testId="track-file"
          busy={take.isPending}
          fullWidth
          onFile={(file) => take.mutate({ file, driver: who })}
        >
          {say('screen.drive-sheet.take-in-track-gpx')}
        </FileButton>
        <Button variant="outlined" href="/api/sample-drive" download="sample-drive.gpx">
          {say('screen.drive-sheet.recorders-sample-drive')}
        </Button>
        {take.isError && (
          <Typography role="alert" sx={{ color: 'verdict.out', fontWeight: 700 }}>
            {take.error.message}
          </Typography>
        )}
      </Box>
      {without.length > 0 && (
        <Typography sx={{ mt: 2 }} variant="body2">
          {say('screen.drive-sheet.not-asked-for-drive', { without: without.join(', ') })}
        </Typography>
      )}
    </>
  );
}

/** Sensors whose cards ask the same of a drive are told once. */
function alike(sensors: DriveJudged[]): [DriveJudged, string][] {
  const told = new Map<string, DriveJudged[]>();
  for (const { id, name, ...rest } of sensors) {
    const key = JSON.stringify(rest);
    told.set(key, [...(told.get(key) ?? []), { id, name, ...rest }]);
  }
  return [...told.values()].flatMap((same) =>
    same[0] ? [[same[0], same.map((one) => one.name).join(', ')] as [DriveJudged, string]] : [],
  );
}

function Judged({ judged, names }: { judged: DriveJudged; names: string }) {
  return (
    <Sheet
      title={
        judged.isEnough
          ? say('screen.drive-sheet.enough-counted')
          : say('screen.drive-sheet.not-enough-counted')
      }
      note={names}
      testId={`drive-${judged.id}`}
    >
      <Typography sx={{ fontSize: '1.6rem', fontWeight: 700, lineHeight: 1.2, mt: 1 }}>
        {say('screen.drive-sheet.of', {
          seconds: minutes(judged.seconds),
          seconds2: minutes(judged.needed.seconds),
        })}
      </Typography>
      <Typography sx={{ fontSize: '1.6rem', fontWeight: 700, lineHeight: 1.2 }}>
        {say('screen.drive-sheet.km-km', {
          metres: (judged.metres / 1000).toFixed(1),
          metres2: (judged.needed.metres / 1000).toFixed(1),
        })}
      </Typography>
      {judged.lost.length > 0 && (
        <Box component="ul" sx={{ listStyle: 'none', p: 0, mt: 1, mb: 0 }}>
          {judged.lost.map((lost) => (
            <Box component="li" key={lost.reason} sx={{ py: 0.25 }}>
              <LostMark reason={lost.reason} />
              {say('screen.drive-sheet.lost', { seconds: minutes(lost.seconds), lost: lost.says })}
            </Box>
          ))}
        </Box>
      )}
    </Sheet>
  );
}

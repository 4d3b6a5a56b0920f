import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { sendFile } from '../api/sendFile';
import { FileButton } from '../shell/FileButton';
import type { Bay } from './shapes';
import { numberFormat } from '../words/formats';
import { say } from '../words/say';

/** A bay out of a file and into one: its own JSON, a drawing's outline, a picture. */
export function BayFiles({
  bay,
  mayChange,
  onRead,
}: {
  bay: { id: string; version: number };
  mayChange: boolean;
  onRead: (found: Partial<Bay>) => void;
}) {
  const [outlines, setOutlines] = useState<number[][][]>([]);
  const [problem, setProblem] = useState<string | null>(null);
  const read = async (file: File) => {
    setProblem(null);
    setOutlines([]);
    try {
      if (/\.json$/i.test(file.name)) {
        const found: unknown = JSON.parse(await file.text());
        if (typeof found !== 'object' || found === null || !('outline' in found)) {
          throw new Error('The file has no "outline": a bay’s own JSON is needed.');
        }
        onRead(found as Bay);
      } else {
        const found = await sendFile<{ outlines: number[][][] }>('/api/bay-outlines', file, {});
        setOutlines(found.outlines.slice(0, 6));
      }
    } catch (failure) {
      setProblem(
        failure instanceof SyntaxError
          ? say('screen.file-no-json')
          : failure instanceof Error
            ? failure.message
            : say('screen.bay-files.file-cannot-be-read'),
      );
    }
  };
  return (
    <Box component="section" aria-label={say('screen.files')} sx={{ mt: 3 }}>
      {bay.version > 0 && (
        <>
          <Typography variant="h3" component="h2">
            {say('screen.bay-files.as-file')}
          </Typography>
          <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
            {(['json', 'svg', 'dxf'] as const).map((form) => (
              <Button
                key={form}
                variant="outlined"
                href={`/api/bays/${bay.id}/export/${form}`}
                download
              >
                {form.toUpperCase()}
              </Button>
            ))}
          </Box>
        </>
      )}
      {mayChange && (
        <Box sx={{ mt: 1 }}>
          <FileButton accept=".json,.dxf" testId="bay-file" onFile={(file) => void read(file)}>
            {say('screen.bay-files.read-json-or-dxf')}
          </FileButton>
        </Box>
      )}
      {problem && (
        <Typography role="alert" sx={{ color: 'verdict.out', fontWeight: 700, mt: 1 }}>
          {problem}
        </Typography>
      )}
      {outlines.length > 0 && (
        <Box sx={{ mt: 1 }} role="status">
          <Typography>{say('screen.bay-files.drawings-closed-outlines-largest')}</Typography>
          {outlines.map((corners, i) => (
            <Button
              key={i}
              variant="outlined"
              sx={{ mr: 1, mt: 1 }}
              onClick={() => {
                onRead({ outline: corners });
                setOutlines([]);
              }}
            >
              {say('screen.bay-files.mm-corners', {
                corners: span(corners, 0),
                corners2: span(corners, 1),
                corners3: corners.length,
              })}
            </Button>
          ))}
        </Box>
      )}
    </Box>
  );
}

function span(corners: number[][], axis: 0 | 1): string {
  const along = corners.map((corner) => corner[axis] ?? 0);
  return numberFormat(0).format(Math.max(...along) - Math.min(...along));
}

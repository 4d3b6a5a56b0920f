import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, client } from '../../api/client';
import { uuid7 } from '../../api/uuid7';
import { slate } from '../../theme/floor';
import { say } from '../../words/say';

type Sign = 'plus' | 'minus';

/** What a scan tool shows for an axis that points left, and for one that points up: asked by picture, once per tool. */
export function ToolSigns({
  tool,
  name,
  onKept,
}: {
  tool: string;
  name: string;
  onKept: () => void;
}) {
  const [left, setLeft] = useState<Sign | null>(null);
  const keep = useMutation({
    mutationFn: (up: Sign) =>
      answer(
        client.POST('/api/kit/{item}/signs', {
          params: { path: { item: tool } },
          body: { id: uuid7(), version: 0, left: left ?? 'plus', up },
        }),
      ),
    onSuccess: onKept,
  });
  const isFirst = left === null;
  return (
    <Box
      data-testid="signs"
      sx={{ border: 2, borderColor: 'primary.main', borderRadius: 1, p: 1.5 }}
    >
      <Typography sx={{ fontWeight: 700 }}>
        {say(isFirst ? 'screen.signs.left' : 'screen.signs.up', { name })}
      </Typography>
      <Picture up={!isFirst} />
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1 }}>
        {(['plus', 'minus'] as const).map((sign) => (
          <Button
            key={sign}
            variant="outlined"
            loading={keep.isPending}
            onClick={() => (isFirst ? setLeft(sign) : keep.mutate(sign))}
            sx={{ minHeight: 64, fontSize: '1.6rem' }}
            aria-label={say(`screen.signs.${sign}`)}
          >
            {sign === 'plus' ? '+' : '−'}
          </Button>
        ))}
      </Box>
      <Typography variant="body2" color="text.secondary" sx={{ mt: 1 }}>
        {say('screen.signs.where')}
      </Typography>
      {keep.error && (
        <Typography role="alert" color="error">
          {keep.error.message}
        </Typography>
      )}
    </Box>
  );
}

/** The car from above with its axis turned to its left, or from its left side with the axis turned up. */
function Picture({ up }: { up: boolean }) {
  return (
    <Box
      component="svg"
      viewBox="0 0 200 110"
      role="img"
      aria-label={say(up ? 'screen.signs.picture-up' : 'screen.signs.picture-left')}
      sx={{ width: '100%', maxHeight: 150, bgcolor: slate.ground, my: 1, borderRadius: 1 }}
    >
      {up ? (
        <g>
          <path
            d="M100 84 V66 L84 48 H44 L30 64 H10 V84 Z"
            fill="none"
            stroke={slate.chalk}
            strokeWidth="2"
          />
          <circle cx="32" cy="86" r="10" fill={slate.ground} stroke={slate.chalk} strokeWidth="2" />
          <circle cx="80" cy="86" r="10" fill={slate.ground} stroke={slate.chalk} strokeWidth="2" />
          <path d="M100 74 H190" stroke={slate.chalkSoft} strokeWidth="2" strokeDasharray="5 4" />
          <path
            d="M100 74 L186 44 M186 44 l-11 -1 M186 44 l-8 8"
            stroke={slate.chalk}
            strokeWidth="3"
            fill="none"
          />
        </g>
      ) : (
        <g>
          <rect
            x="10"
            y="36"
            width="80"
            height="44"
            rx="10"
            fill="none"
            stroke={slate.chalk}
            strokeWidth="2"
          />
          <path d="M62 40 L70 44 V72 L62 76" fill="none" stroke={slate.chalk} strokeWidth="2" />
          <path d="M90 58 H190" stroke={slate.chalkSoft} strokeWidth="2" strokeDasharray="5 4" />
          <path
            d="M90 58 L184 26 M184 26 l-11 -1 M184 26 l-8 8"
            stroke={slate.chalk}
            strokeWidth="3"
            fill="none"
          />
        </g>
      )}
    </Box>
  );
}

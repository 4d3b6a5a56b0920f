import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { MakerPage } from '../api/types';
import { slate } from '../theme/floor';
import { say } from '../words/say';

export interface PageSpot {
  page: number;
  x: number;
  y: number;
}

export interface Mark extends PageSpot {
  label: string;
  on: boolean;
}

/** The maker's page with the values' places on it; a tap says where the one that is being typed stands. */
export function MakerPages({
  shown,
  marks,
  onTap,
  zoom,
  onZoom,
}: {
  shown: MakerPage;
  marks: readonly Mark[];
  onTap?: ((spot: PageSpot) => void) | undefined;
  zoom: number;
  onZoom: (zoom: number) => void;
}) {
  return (
    <Box sx={{ display: 'flex', flexDirection: 'column', height: '100%', minHeight: 0 }}>
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', mb: 1 }}>
        <Typography sx={{ flex: 1, minWidth: 0, overflow: 'hidden', textOverflow: 'ellipsis' }}>
          {shown.name}
        </Typography>
        <Button
          variant="outlined"
          aria-label={say('screen.maker-pages.smaller')}
          disabled={zoom <= 1}
          onClick={() => onZoom(Math.max(1, zoom - 0.5))}
        >
          −
        </Button>
        <Button
          variant="outlined"
          aria-label={say('screen.maker-pages.larger')}
          disabled={zoom >= 3}
          onClick={() => onZoom(Math.min(3, zoom + 0.5))}
        >
          +
        </Button>
      </Box>
      <Box
        tabIndex={0}
        role="region"
        aria-label={say('screen.maker-pages.page')}
        sx={{ flex: 1, minHeight: 0, overflow: 'auto', bgcolor: slate.ground, p: 1 }}
      >
        {shown.pages.map((page, i) => (
          <Box
            key={i}
            data-testid={`page-${i + 1}`}
            onClick={(event) => {
              const box = event.currentTarget.getBoundingClientRect();
              onTap?.({
                page: i + 1,
                x: Math.min(1, Math.max(0, (event.clientX - box.left) / box.width)),
                y: Math.min(1, Math.max(0, (event.clientY - box.top) / box.height)),
              });
            }}
            sx={{
              position: 'relative',
              width: `${zoom * 100}%`,
              aspectRatio: `${page.width} / ${page.height}`,
              mb: 1,
              cursor: onTap ? 'crosshair' : 'default',
            }}
          >
            <img
              src={`/api/card-pages/${shown.hash}/${i + 1}`}
              alt={say('screen.maker-pages.number', { number: i + 1 })}
              width="100%"
              height="100%"
              style={{ display: 'block' }}
            />
            {marks
              .filter((mark) => mark.page === i + 1)
              .map((mark) => (
                <Box
                  key={mark.label}
                  ref={(node: HTMLElement | null) => {
                    if (mark.on && !onTap) {
                      node?.scrollIntoView({ block: 'center', inline: 'center' });
                    }
                  }}
                  sx={{
                    position: 'absolute',
                    left: `${mark.x * 100}%`,
                    top: `${mark.y * 100}%`,
                    // Beside what it marks, which stays to be read.
                    transform: 'translate(6px, -50%)',
                    pointerEvents: 'none',
                    minWidth: mark.on ? 34 : 24,
                    height: mark.on ? 34 : 24,
                    px: 0.5,
                    display: 'grid',
                    placeItems: 'center',
                    border: mark.on ? 3 : 2,
                    borderColor: slate.tyre,
                    bgcolor: mark.on ? slate.brass : 'rgba(255, 209, 102, 0.55)',
                    color: slate.tyre,
                    fontWeight: 700,
                    fontSize: '0.85rem',
                  }}
                >
                  {mark.label}
                </Box>
              ))}
          </Box>
        ))}
      </Box>
    </Box>
  );
}

import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { Order } from '../../api/types';
import { clock } from '../../words/moments';
import { Sheet } from '../../sheet/Sheet';
import { PhotoButton } from '../parts/PhotoButton';
import type { OrderFile } from '../parts/useOrder';
import { say } from '../../words/say';

/** The order's photos, each with what it shows. */
export function PhotosSheet({ order, file }: { order: Order; file: OrderFile }) {
  return (
    <>
      <Sheet title={say('screen.photos')} note={say('screen.photos-sheet.photo-car-as-whole')}>
        <Box sx={{ mt: 1.5 }}>
          <PhotoButton
            order={order.id}
            about="car"
            sensor={null}
            onSent={(state) => state !== null && file.took(state)}
          />
        </Box>
      </Sheet>
      {order.photos.length === 0 && (
        <Typography color="text.secondary">{say('screen.photos-sheet.no-photo-yet')}</Typography>
      )}
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1.5 }}>
        {order.photos.map((photo) => {
          const sensor = order.sensors.find((known) => known.id === photo.sensor);
          const shows = `${sensor?.name ?? say('screen.car')}: ${photo.about}`;
          return (
            <Box component="figure" key={photo.id} sx={{ m: 0 }}>
              <a href={`/api/photos/${photo.id}`} target="_blank" rel="noreferrer">
                <Box
                  component="img"
                  src={`/api/photos/${photo.id}/thumbnail`}
                  alt={shows}
                  loading="lazy"
                  sx={{
                    width: '100%',
                    height: 140,
                    objectFit: 'cover',
                    display: 'block',
                    bgcolor: 'divider',
                  }}
                />
              </a>
              <Box component="figcaption" sx={{ fontSize: '0.85rem' }}>
                {shows}
                <Box component="span" sx={{ display: 'block', color: 'text.secondary' }}>
                  {photo.person}, {clock(photo.at)}
                </Box>
              </Box>
            </Box>
          );
        })}
      </Box>
    </>
  );
}

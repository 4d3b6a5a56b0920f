import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { Installation } from '../api/types';
import { figures } from '../theme/theme';
import { say } from '../words/say';

/** How a tablet finds the shop's server and learns to trust it. */
export function Tablets({ network }: { network: Installation['network'] }) {
  return (
    <Box component="section" aria-label={say('screen.installation.tablets')} sx={{ mt: 3 }}>
      <Typography variant="h3">{say('screen.installation.tablets')}</Typography>
      {network === null ? (
        <Typography>{say('screen.installation.tablets-none')}</Typography>
      ) : (
        <>
          <Typography>{say('screen.installation.tablets-open')}</Typography>
          <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', my: 1 }}>
            <Box
              component="img"
              alt={network.address}
              src={`data:image/svg+xml;utf8,${encodeURIComponent(network.qr)}`}
              sx={{ width: 132, height: 132, bgcolor: '#fff' }}
            />
            <Typography sx={{ fontFamily: figures, fontWeight: 700, overflowWrap: 'anywhere' }}>
              {network.address}
            </Typography>
          </Box>
          {network.fingerprint !== null && (
            <>
              <Typography>{say('screen.installation.tablets-authority')}</Typography>
              <Box component="ol" sx={{ pl: 3, my: 0.5 }}>
                <li>{say('screen.installation.tablets-step-1', { address: network.address })}</li>
                <li>{say('screen.installation.tablets-step-2')}</li>
                <li>
                  {say('screen.installation.tablets-step-3')}
                  <Box
                    data-testid="fingerprint"
                    sx={{ fontFamily: figures, fontWeight: 700, overflowWrap: 'anywhere' }}
                  >
                    {network.fingerprint.replace(/(.{23}:)/g, '$1 ')}
                  </Box>
                </li>
              </Box>
            </>
          )}
        </>
      )}
    </Box>
  );
}

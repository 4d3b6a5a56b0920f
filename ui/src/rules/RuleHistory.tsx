import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { answer, client } from '../api/client';
import type { components } from '../api/schema.generated';
import { uuid7 } from '../api/uuid7';
import { moment } from '../words/moments';
import { say, sayOr, type Code } from '../words/say';

type Rules = components['schemas']['ShopRules'];

/** Every version of the rules: who made it, when and why, what it changed, and the way back to it. */
export function RuleHistory({ rules }: { rules: Rules }) {
  const queries = useQueryClient();
  const back = useMutation({
    mutationFn: (to: number) =>
      answer(
        client.POST('/api/shop-rules/back', {
          body: { id: uuid7(), version: rules.version, to },
        }),
      ),
    onSuccess: (saved) => queries.setQueryData(['shop-rules'], saved),
  });
  if (rules.history.length === 0) {
    return <p>{say('screen.rules.no-history')}</p>;
  }
  return (
    <Box component="ol" sx={{ listStyle: 'none', p: 0, m: 0 }} data-testid="rules-history">
      {back.error && <Alert severity="error">{back.error.message}</Alert>}
      {rules.history.map((version) => (
        <Box
          component="li"
          key={version.version}
          sx={{
            borderTop: 1,
            borderColor: 'divider',
            py: 1,
            display: 'flex',
            gap: 1,
            alignItems: 'center',
          }}
        >
          <Box sx={{ flex: 1, minWidth: 0, overflowWrap: 'anywhere' }}>
            <b>{version.version}</b>
            {version.person === ''
              ? ` ${say('screen.rules.as-begun')}`
              : ` ${version.person}, ${moment(version.at)}`}
            {version.reason !== '' && `: ${version.reason}`}
            {version.parts.length > 0 && (
              <Box component="span" sx={{ display: 'block', color: 'text.secondary' }}>
                {version.parts.map((part) => sayOr(`rules.part.${part}` as Code, part)).join(', ')}
              </Box>
            )}
          </Box>
          {rules.mayEdit && version.version !== rules.version && (
            <Button
              variant="outlined"
              color="inherit"
              loading={back.isPending}
              onClick={() => back.mutate(version.version)}
              sx={{ minHeight: 48 }}
            >
              {say('screen.rules.back-to')}
            </Button>
          )}
        </Box>
      ))}
    </Box>
  );
}

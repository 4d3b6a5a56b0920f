import Button from '@mui/material/Button';
import { Link } from 'react-router';
import { Page } from './Page';

export function Nowhere() {
  return (
    <Page title="Not here">
      <p>There is nothing at this address.</p>
      <Button variant="contained" component={Link} to="/">
        Go to Today
      </Button>
    </Page>
  );
}

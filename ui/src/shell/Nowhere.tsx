import Button from '@mui/material/Button';
import { Link } from 'react-router';
import { Page } from './Page';
import { say } from '../words/say';

export function Nowhere() {
  return (
    <Page title={say('screen.nowhere.not-here')}>
      <p>{say('screen.nowhere.there-nothing-at-this')}</p>
      <Button variant="contained" component={Link} to="/">
        {say('screen.nowhere.go-today')}
      </Button>
    </Page>
  );
}

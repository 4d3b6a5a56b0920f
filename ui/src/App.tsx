import { Route, Routes } from 'react-router';
import { Report } from './record/Report';
import { SignedIn } from './session/SignedIn';
import { Nowhere } from './shell/Nowhere';
import { Today } from './today/Today';
import { WorkspaceScreen } from './workspace/WorkspaceScreen';

export function App() {
  return (
    <SignedIn>
      <Routes>
        <Route path="/" element={<Today />} />
        <Route path="/tasks/:task" element={<WorkspaceScreen />} />
        <Route path="/tasks/:task/record" element={<Report />} />
        <Route path="*" element={<Nowhere />} />
      </Routes>
    </SignedIn>
  );
}

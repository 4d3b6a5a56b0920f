import { Route, Routes } from 'react-router';
import { BaysScreen } from './bays/BaysScreen';
import { CardEdit } from './cards/CardEdit';
import { CardList } from './cards/CardList';
import { CardScreen } from './cards/CardScreen';
import { NewOrder } from './intake/NewOrder';
import { KitScreen } from './kit/KitScreen';
import { OrderScreen } from './order/OrderScreen';
import { MeterPractice } from './practice/MeterPractice';
import { PeopleScreen } from './people/PeopleScreen';
import { PracticeScreen } from './practice/PracticeScreen';
import { Report } from './record/Report';
import { RecordsScreen } from './records/RecordsScreen';
import { SendBackNote } from './record/SendBackNote';
import { SignedIn } from './session/SignedIn';
import { Nowhere } from './shell/Nowhere';
import { StakeOutPage } from './stakeout/StakeOutPage';
import { Today } from './today/Today';
import { WorkspaceScreen } from './workspace/WorkspaceScreen';

export function App() {
  return (
    <SignedIn>
      <Routes>
        <Route path="/" element={<Today />} />
        <Route path="/orders/new" element={<NewOrder />} />
        <Route path="/orders/:order/:sheet?/:detail?" element={<OrderScreen />} />
        <Route path="/cards" element={<CardList />} />
        <Route path="/cards/:card" element={<CardScreen />} />
        <Route path="/cards/:card/edit" element={<CardEdit />} />
        <Route path="/cards/:card/copy" element={<CardEdit copy />} />
        <Route path="/records" element={<RecordsScreen />} />
        <Route path="/people" element={<PeopleScreen />} />
        <Route path="/kit/:sheet?" element={<KitScreen />} />
        <Route path="/bays/:sheet?" element={<BaysScreen />} />
        <Route path="/tasks/:task/:sheet?/:detail?" element={<WorkspaceScreen />} />
        <Route path="/tasks/:task/record" element={<Report />} />
        <Route path="/tasks/:task/note" element={<SendBackNote />} />
        <Route path="/tasks/:task/stake-out" element={<StakeOutPage />} />
        <Route path="/practice" element={<PracticeScreen />} />
        <Route path="/practice/meter" element={<MeterPractice />} />
        <Route path="*" element={<Nowhere />} />
      </Routes>
    </SignedIn>
  );
}

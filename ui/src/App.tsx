import { Suspense } from 'react';
import { ErrorBoundary } from 'react-error-boundary';
import { Navigate, Route, Routes, useLocation, useMatch, useParams } from 'react-router';
import { Broken } from './loading/Broken';
import { SignedIn } from './session/SignedIn';
import { usePerson } from './session/usePerson';
import { Nowhere } from './shell/Nowhere';
import { UnderwayTray } from './shell/UnderwayTray';
import { lazyPart } from './loading/lazyPart';
import { lazyScreen } from './loading/lazyScreen';
import { TouchLock } from './tablet/TouchLock';
import { Today } from './today/Today';

const OrderScreen = lazyScreen(async () => (await import('./order/OrderScreen')).OrderScreen);
const WorkspaceScreen = lazyScreen(
  async () => (await import('./workspace/WorkspaceScreen')).WorkspaceScreen,
);
const PadScreen = lazyScreen(async () => (await import('./pad/PadScreen')).PadScreen);
const PadDoor = lazyScreen(async () => (await import('./pad/PadDoor')).PadDoor);
const NewOrder = lazyScreen(async () => (await import('./intake/NewOrder')).NewOrder);
const Report = lazyScreen(async () => (await import('./record/Report')).Report);
const SendBackNote = lazyScreen(async () => (await import('./record/SendBackNote')).SendBackNote);
const CardCheck = lazyScreen(async () => (await import('./cards/CardCheck')).CardCheck);
const CardEdit = lazyScreen(async () => (await import('./cards/CardEdit')).CardEdit);
const ShortCard = lazyScreen(async () => (await import('./cards/ShortCard')).ShortCard);
const RegisterFileScreen = lazyScreen(
  async () => (await import('./registers/RegisterFileScreen')).RegisterFileScreen,
);
const RulesScreen = lazyScreen(async () => (await import('./rules/RulesScreen')).RulesScreen);
const VehiclesScreen = lazyScreen(
  async () => (await import('./vehicles/VehiclesScreen')).VehiclesScreen,
);
const VehiclePage = lazyScreen(async () => (await import('./vehicles/VehiclePage')).VehiclePage);
const PeopleScreen = lazyScreen(async () => (await import('./people/PeopleScreen')).PeopleScreen);
const InstallationScreen = lazyScreen(
  async () => (await import('./installation/InstallationScreen')).InstallationScreen,
);
const BaysScreen = lazyScreen(async () => (await import('./bays/BaysScreen')).BaysScreen);
const KitScreen = lazyScreen(async () => (await import('./kit/KitScreen')).KitScreen);
const RecordsScreen = lazyScreen(
  async () => (await import('./records/RecordsScreen')).RecordsScreen,
);
const StakeOutPage = lazyScreen(async () => (await import('./stakeout/StakeOutPage')).StakeOutPage);
const DayScreen = lazyScreen(async () => (await import('./day/DayScreen')).DayScreen);
const HoursScreen = lazyScreen(async () => (await import('./day/HoursScreen')).HoursScreen);
const EstimatesScreen = lazyScreen(
  async () => (await import('./day/EstimatesScreen')).EstimatesScreen,
);
const CardList = lazyScreen(async () => (await import('./cards/CardList')).CardList);
const CardScreen = lazyScreen(async () => (await import('./cards/CardScreen')).CardScreen);
const PracticeScreen = lazyScreen(
  async () => (await import('./practice/PracticeScreen')).PracticeScreen,
);
const ExerciseScreen = lazyScreen(
  async () => (await import('./practice/exercise/ExerciseScreen')).ExerciseScreen,
);
const TrainerScreen = lazyScreen(
  async () => (await import('./practice/trainer/TrainerScreen')).TrainerScreen,
);
const CarScreen = lazyScreen(async () => (await import('./practice/trainer/CarScreen')).CarScreen);
const BaySheetPage = lazyScreen(
  async () => (await import('./practice/trainer/BaySheetPage')).BaySheetPage,
);
const MeterPractice = lazyScreen(
  async () => (await import('./practice/MeterPractice')).MeterPractice,
);

const WaitingPhotos = lazyPart(async () => (await import('./photos/WaitingPhotos')).WaitingPhotos);
const WaitingLines = lazyPart(async () => (await import('./waiting/WaitingLines')).WaitingLines);

/** Where a phone comes that read a task's code. */
export const PAD_DOOR = '/pad/:token';

export function App() {
  const { pathname } = useLocation();
  // Whoever comes with a task's code is let in by it.
  const isAtPadDoor = useMatch(PAD_DOOR) !== null;
  return (
    <ErrorBoundary FallbackComponent={Broken} resetKeys={[pathname]}>
      {isAtPadDoor ? (
        <Routes>
          <Route path={PAD_DOOR} element={<PadDoor />} />
        </Routes>
      ) : (
        <SignedIn>
          <Screens />
          <TouchLock />
        </SignedIn>
      )}
    </ErrorBoundary>
  );
}

function Screens() {
  const pad = usePerson().data?.pad ?? null;
  if (pad !== null) {
    return (
      <Routes>
        <Route path={`/tasks/${pad}/pad`} element={<PadScreen task={pad} />} />
        <Route path="*" element={<Navigate to={`/tasks/${pad}/pad`} replace />} />
      </Routes>
    );
  }
  return (
    <>
      <Routes>
        <Route path="/" element={<Today />} />
        <Route path="/orders/new" element={<NewOrder />} />
        <Route path="/orders/:order/:sheet?/:detail?" element={<OrderScreen />} />
        <Route path="/day/hours" element={<HoursScreen />} />
        <Route path="/day/estimates" element={<EstimatesScreen />} />
        <Route path="/day/:sheet?/:detail?" element={<DayScreen />} />
        <Route path="/cards" element={<CardList />} />
        <Route path="/cards/new/:task" element={<ShortCard />} />
        <Route path="/vehicles/:family/card/:sensor" element={<ShortCard />} />
        <Route path="/cards/:card" element={<CardScreen />} />
        <Route path="/cards/:card/check" element={<CardCheck />} />
        <Route path="/cards/:card/edit" element={<CardEdit />} />
        <Route path="/cards/:card/copy" element={<CardEdit copy />} />
        <Route path="/vehicles" element={<VehiclesScreen />} />
        <Route path="/vehicles/:family" element={<VehiclePage />} />
        <Route path="/rules/:part?" element={<RulesScreen />} />
        <Route path="/registers/:register/file" element={<RegisterFileScreen />} />
        <Route path="/records" element={<RecordsScreen />} />
        <Route path="/people" element={<PeopleScreen />} />
        <Route path="/installation" element={<InstallationScreen />} />
        <Route path="/kit/:sheet?" element={<KitScreen />} />
        <Route path="/bays/:sheet?" element={<BaysScreen />} />
        <Route path="/tasks/:task/pad" element={<OwnPad />} />
        <Route path="/tasks/:task/:sheet?/:detail?" element={<WorkspaceScreen />} />
        <Route path="/tasks/:task/record" element={<Report />} />
        <Route path="/tasks/:task/note" element={<SendBackNote />} />
        <Route path="/tasks/:task/stake-out" element={<StakeOutPage />} />
        <Route path="/practice" element={<PracticeScreen />} />
        <Route path="/practice/runs/:run/:part?" element={<ExerciseScreen />} />
        <Route path="/practice/trainer" element={<TrainerScreen />} />
        <Route path="/practice/trainer/cars/:car" element={<CarScreen />} />
        <Route path="/practice/trainer/cars/:car/sheet" element={<BaySheetPage />} />
        <Route path="/practice/meter" element={<MeterPractice />} />
        <Route path="*" element={<Nowhere />} />
      </Routes>
      <UnderwayTray />
      <Suspense fallback={null}>
        <WaitingPhotos />
        <WaitingLines />
      </Suspense>
    </>
  );
}

function OwnPad() {
  const { task = '' } = useParams();
  return <PadScreen task={task} />;
}

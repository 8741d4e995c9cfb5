import { lazy, Suspense, type ReactNode } from 'react';
import { Navigate, NavLink, Outlet, Route, Routes } from 'react-router';
import { styled } from 'styled-components';
import { useAccess } from './data/access';
import { LinkOver } from './screens/access/link-over';
import { SignIn } from './screens/access/sign-in';
import { Find } from './screens/find/find';
import { ThemeMenu } from './screens/shared/theme-menu';
import { Home } from './screens/start/home';
import { NotebookNotice } from './screens/shared/notebook-notice';
import { Toasts } from './parts/toast';
import { Blank } from './parts/blank';
import { ink, size, wide } from './look/theme';

const Start = lazy(() => import('./screens/start/start').then((m) => ({ default: m.StartScreen })));
const Clients = lazy(() => import('./screens/clients/clients').then((m) => ({ default: m.ClientsScreen })));
const Client = lazy(() => import('./screens/client/client').then((m) => ({ default: m.ClientScreen })));
const Progress = lazy(() =>
  import('./screens/progress/progress').then((m) => ({ default: m.ProgressScreen })),
);
const Sticking = lazy(() =>
  import('./screens/sticking/sticking').then((m) => ({ default: m.StickingScreen })),
);
const Sessions = lazy(() =>
  import('./screens/sessions/sessions').then((m) => ({ default: m.SessionsScreen })),
);
const Designer = lazy(() =>
  import('./screens/designer/designer').then((m) => ({ default: m.DesignerScreen })),
);
const Blocks = lazy(() => import('./screens/blocks/blocks').then((m) => ({ default: m.BlocksScreen })));
const BlockPage = lazy(() => import('./screens/blocks/block').then((m) => ({ default: m.BlockScreen })));
const Movements = lazy(() =>
  import('./screens/movements/list').then((m) => ({ default: m.MovementsScreen })),
);
const Movement = lazy(() =>
  import('./screens/movements/movement').then((m) => ({ default: m.MovementScreen })),
);
const Compare = lazy(() => import('./screens/movements/compare').then((m) => ({ default: m.CompareScreen })));
const Model = lazy(() => import('./screens/movements/model').then((m) => ({ default: m.ModelScreen })));
const Kits = lazy(() => import('./screens/kit/kits').then((m) => ({ default: m.KitsScreen })));
const KitPage = lazy(() => import('./screens/kit/kit').then((m) => ({ default: m.KitScreen })));
const Loads = lazy(() => import('./screens/loads/loads').then((m) => ({ default: m.LoadsScreen })));
const Data = lazy(() => import('./screens/data/data').then((m) => ({ default: m.DataScreen })));
const Schools = lazy(() => import('./screens/schools/schools').then((m) => ({ default: m.SchoolsScreen })));
const School = lazy(() => import('./screens/schools/school').then((m) => ({ default: m.SchoolScreen })));
const Rules = lazy(() => import('./screens/rules/rules').then((m) => ({ default: m.RulesScreen })));
const RulePage = lazy(() => import('./screens/rules/rule').then((m) => ({ default: m.RuleScreen })));
const Evidence = lazy(() =>
  import('./screens/evidence/evidence').then((m) => ({ default: m.EvidenceScreen })),
);
const CompareSessions = lazy(() =>
  import('./screens/sessions/compare').then((m) => ({ default: m.CompareSessionsScreen })),
);
/** Left out of what is built for use: nobody but a developer looks for it. */
const PartsPage =
  import.meta.env.MODE !== 'production'
    ? lazy(() => import('./screens/parts/parts').then((m) => ({ default: m.PartsScreen })))
    : null;
const FloorPage = lazy(() => import('./screens/floor/floor').then((m) => ({ default: m.FloorScreen })));
const Mine = lazy(() => import('./screens/mine/mine').then((m) => ({ default: m.MineScreen })));
const SheetPage = lazy(() => import('./screens/sheet/sheet').then((m) => ({ default: m.SheetScreen })));

const Top = styled.header`
  min-height: 44px;
  display: flex;
  align-items: center;
  gap: 22px;
  padding: 0 16px;
  border-bottom: 1px solid ${ink.rule};
  @media print {
    display: none;
  }
  .mark {
    font-size: 19px;
    font-weight: 780;
    text-decoration: none;
    ${wide}
  }
  nav {
    display: flex;
    gap: 18px;
    flex: 1;
  }
  nav a {
    text-decoration: none;
    font-size: ${size.small};
    color: ${ink.soft};
    padding: 4px 2px;
  }
  nav a[aria-current='page'] {
    color: ${ink.ink};
    font-weight: 680;
  }
  @media (max-width: 860px) {
    gap: 10px;
    nav {
      gap: 11px;
    }
  }
  @media (max-width: 640px) {
    flex-wrap: wrap;
    justify-content: space-between;
    gap: 4px 12px;
    padding-block: 6px;
    .keys {
      display: none;
    }
    nav {
      order: 1;
      flex: 1 0 100%;
      flex-wrap: wrap;
      gap: 0 10px;
    }
  }
`;

/** The coach's pages; on the network somebody signs in first, and a client has pages of their own. */
function Frame(): ReactNode {
  const who = useAccess().data?.who;
  if (who === null) return <SignIn />;
  if (who === 'client') return <Navigate to="/mine" replace />;
  return (
    <>
      <Top>
        <NavLink to="/clients" className="mark" aria-label="Drimbo, to the clients">
          drimbo
        </NavLink>
        <nav aria-label="Main">
          <NavLink to="/clients">Clients</NavLink>
          <NavLink to="/sessions">Sessions</NavLink>
          <NavLink to="/blocks">Blocks</NavLink>
          <NavLink to="/movements">Movements</NavLink>
          <NavLink to="/loads">Loads</NavLink>
          <NavLink to="/kit">Gyms</NavLink>
          <NavLink to="/schools">Schools</NavLink>
          <NavLink to="/data">Data</NavLink>
        </nav>
        <ThemeMenu />
        <Find />
      </Top>
      <main>
        <NotebookNotice />
        <Suspense fallback={<Blank title="Opening…" />}>
          <Outlet />
        </Suspense>
      </main>
      <Toasts />
    </>
  );
}

export function App(): ReactNode {
  return (
    <Routes>
      <Route
        path="/floor/:sessionId"
        element={
          <main>
            <Suspense fallback={<Blank title="Opening…" />}>
              <FloorPage />
            </Suspense>
          </main>
        }
      />
      <Route
        path="/mine"
        element={
          <main>
            <Suspense fallback={<Blank title="Opening your sessions…" />}>
              <Mine />
            </Suspense>
          </main>
        }
      />
      <Route path="/link-over" element={<LinkOver />} />
      <Route element={<Frame />}>
        <Route index element={<Home />} />
        <Route path="/start" element={<Start />} />
        <Route path="/clients" element={<Clients />} />
        <Route path="/clients/:id" element={<Client />} />
        <Route path="/clients/:id/progress" element={<Progress />} />
        <Route path="/clients/:id/sticking" element={<Sticking />} />
        <Route path="/blocks" element={<Blocks />} />
        <Route path="/blocks/:id" element={<BlockPage />} />
        <Route path="/movements" element={<Movements />} />
        <Route path="/movements/compare" element={<Compare />} />
        <Route path="/movements/model" element={<Model />} />
        <Route path="/movements/:id" element={<Movement />} />
        <Route path="/loads" element={<Loads />} />
        <Route path="/kit" element={<Kits />} />
        <Route path="/kit/:id" element={<KitPage />} />
        <Route path="/schools" element={<Schools />} />
        <Route path="/schools/:id" element={<School />} />
        <Route path="/rules" element={<Rules />} />
        <Route path="/rules/:id" element={<RulePage />} />
        <Route path="/evidence" element={<Evidence />} />
        <Route path="/data" element={<Data />} />
        {PartsPage && <Route path="/parts" element={<PartsPage />} />}
        <Route path="/sessions" element={<Sessions />} />
        <Route path="/sessions/compare" element={<CompareSessions />} />
        <Route path="/sessions/:id" element={<Designer />} />
        <Route path="/sessions/:id/sheet" element={<SheetPage />} />
        <Route
          path="*"
          element={
            <Blank title="There is nothing at this address">
              <NavLink to="/clients">To the clients</NavLink>
            </Blank>
          }
        />
      </Route>
    </Routes>
  );
}

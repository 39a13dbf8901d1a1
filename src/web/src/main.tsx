import { notifyManager, QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { lazy, StrictMode, Suspense, type ComponentType } from "react";
import { createRoot } from "react-dom/client";
import { BrowserRouter, Route, Routes } from "react-router";
import { setSettings } from "./api/settings";
import { Gate } from "./Gate";
import "./theme.css";
import { Told } from "./api/client";
import { Boundary } from "./frame/Boundary";
import { words } from "./words";

const places: [path: string, load: () => Promise<{ default: ComponentType }>][] = [
  ["/", () => import("./jobs/Jobs")],
  ["/join", () => import("./crew/Join")],
  ["/people", () => import("./crew/People")],
  ["/devices", () => import("./crew/Devices")],
  ["/quick", () => import("./quick/QuickFit")],
  ["/mark", () => import("./quick/QuickMark")],
  ["/trench", () => import("./quick/QuickTrench")],
  ["/practice", () => import("./practice/Practice")],
  ["/practice/asked/:of", () => import("./practice/AskedPage")],
  ["/practice/count", () => import("./practice/FillDrills")],
  ["/practice/class", () => import("./practice/class/ClassSheets")],
  ["/practice/class/:one", () => import("./practice/class/ClassPage")],
  ["/practice/class/:one/bench/:task/:learner", () => import("./practice/class/BenchMark")],
  ["/room/:code?", () => import("./practice/room/Room")],
  ["/practice/projector", () => import("./practice/class/Projector")],
  ["/practice/make/:job/:box", () => import("./practice/MakeIt")],
  ["/practice/hunt/:job", () => import("./practice/hunt/Hunt")],
  ["/practice/bench/:job/:box", () => import("./practice/SpotIt")],
  ["/jobs/:job", () => import("./today/Today")],
  ["/jobs/:job/boxes/:box", () => import("./box/BoxPage")],
  ["/jobs/:job/boxes/:box/survey", () => import("./survey/Survey")],
  ["/jobs/:job/boxes/:box/breaker", () => import("./find/WhichBreaker")],
  ["/jobs/:job/lists", () => import("./lists/Lists")],
  ["/jobs/:job/changes", () => import("./change/Changes")],
  ["/jobs/:job/changes/:change/boxes/:box", () => import("./make/MakeUp")],
  ["/jobs/:job/changes/:change/handover", () => import("./handover/Handover")],
  ["/jobs/:job/outage", () => import("./outage/Outage")],
  ["/jobs/:job/trouble/:trouble?", () => import("./trouble/Troubles")],
  ["/jobs/:job/prove", () => import("./accept/Acceptance")],
  ["/jobs/:job/sheet", () => import("./sheet/RunSheet")],
  ["/jobs/:job/walk", () => import("./find/Walk")],
  ["/jobs/:job/panels/:panel", () => import("./sheet/Directory")],
  ["/jobs/:job/walls/:wall", () => import("./wall/WallPage")],
  ["/jobs/:job/loads", () => import("./loads/Loads")],
  ["/jobs/:job/order", () => import("./find/Order")],
  ["/jobs/:job/ways", () => import("./ways/Ways")],
  ["/jobs/:job/labels", () => import("./sheet/Labels")],
  ["/jobs/:job/book", () => import("./book/CodeBook")],
  ["/jobs/:job/log", () => import("./log/Logbook")],
];

const routes = places.map(([path, load]) => {
  const Page = lazy(load);
  const page = (
    <Boundary key={path}>
      <Suspense fallback={<p className="text-ink-2">{words.loading}</p>}>
        <Page />
      </Suspense>
    </Boundary>
  );
  return <Route key={path} path={path} element={page} />;
});

const client = new QueryClient({
  defaultOptions: {
    queries: {
      retry: 1,
      refetchOnWindowFocus: true,
      staleTime: 10_000,
      // A program that does not answer is asked again until it does.
      refetchInterval: (query) => (query.state.error instanceof Told && query.state.error.status === 0 ? 3000 : false),
    },
  },
});

// What an answer changes is drawn in the same turn as the gesture that asked, not in a later one.
notifyManager.setScheduler(queueMicrotask);
setSettings({});
createRoot(document.getElementById("root")!).render(
  <StrictMode>
    <QueryClientProvider client={client}>
      <BrowserRouter>
        <Routes>
          <Route element={<Gate />}>
            {routes}
            <Route path="*" element={<p>{words.notFound}</p>} />
          </Route>
        </Routes>
      </BrowserRouter>
    </QueryClientProvider>
  </StrictMode>,
);

import { notifyManager, QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { lazy, StrictMode, Suspense, type ComponentType } from "react";
import { createRoot } from "react-dom/client";
import { createBrowserRouter, RouterProvider } from "react-router";
import { setSettings } from "./api/settings";
import { Shell } from "./frame/Shell";
import "./theme.css";
import { words } from "./words";

const place = (load: () => Promise<{ default: ComponentType }>) => {
  const Page = lazy(load);
  return (
    <Suspense fallback={<p className="text-ink-2">{words.loading}</p>}>
      <Page />
    </Suspense>
  );
};

const router = createBrowserRouter([
  {
    element: <Shell />,
    children: [
      { path: "/", element: place(() => import("./jobs/Jobs")) },
      { path: "/quick", element: place(() => import("./quick/QuickFit")) },
      { path: "/jobs/:job", element: place(() => import("./today/Today")) },
      { path: "/jobs/:job/boxes/:box", element: place(() => import("./box/BoxPage")) },
      { path: "/jobs/:job/boxes/:box/survey", element: place(() => import("./survey/Survey")) },
      { path: "/jobs/:job/lists", element: place(() => import("./lists/Lists")) },
      { path: "/jobs/:job/changes", element: place(() => import("./change/Changes")) },
      { path: "/jobs/:job/house", element: place(() => import("./house/House")) },
      { path: "/jobs/:job/book", element: place(() => import("./book/CodeBook")) },
      { path: "/jobs/:job/log", element: place(() => import("./log/Logbook")) },
      { path: "*", element: <p>{words.notFound}</p> },
    ],
  },
]);

const client = new QueryClient({
  defaultOptions: { queries: { retry: 1, refetchOnWindowFocus: true, staleTime: 10_000 } },
});

// What an answer changes is drawn in the same turn as the gesture that asked, not in a later one.
notifyManager.setScheduler(queueMicrotask);
setSettings({});
createRoot(document.getElementById("root")!).render(
  <StrictMode>
    <QueryClientProvider client={client}>
      <RouterProvider router={router} />
    </QueryClientProvider>
  </StrictMode>,
);

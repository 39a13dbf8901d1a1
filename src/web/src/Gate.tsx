import { lazy, Suspense } from "react";
import { Navigate, Outlet, useLocation } from "react-router";
import { Notices } from "./parts/Notices";
import { Shell } from "./frame/Shell";
import { byClass, signsIn, useMe } from "./model/me";

const SignIn = lazy(() => import("./crew/SignIn"));

/** Where people sign in, nobody sees more than the door before; where the program serves this machine alone there is none. */
export function Gate() {
  const me = useMe();
  const { pathname } = useLocation();
  if (byClass && !/^\/(room|practice)/.test(pathname)) return <Navigate to="/room" replace />;
  if (!signsIn) return <Shell />;
  if (pathname === "/join" || pathname.startsWith("/room")) return <Bare />;
  if (!me.data) return null;
  if (me.data.name) return <Shell />;
  return (
    <Suspense>
      <SignIn />
    </Suspense>
  );
}

/** A page without the places of a job. */
function Bare() {
  return (
    <main id="main" className="px-4 py-4">
      <Outlet />
      <Notices />
    </main>
  );
}

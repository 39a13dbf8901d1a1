import { useEffect } from "react";
import { useLocation, useMatch } from "react-router";
import { useHead } from "../model/job";
import { readsPractice } from "./places";

const KEPT = "jb.job";

/** The job whose places stand on the bar: the one of the page; on practice pages the one that was last worked in. */
export function useBarJob(): string {
  const here = useMatch("/jobs/:job/*")?.params.job ?? "";
  const { pathname } = useLocation();
  const head = useHead(here);
  const real = head.data !== undefined && !head.data.exercise;
  useEffect(() => {
    if (real) sessionStorage.setItem(KEPT, here);
  }, [real, here]);
  return here || (readsPractice(pathname) ? (sessionStorage.getItem(KEPT) ?? "") : "");
}

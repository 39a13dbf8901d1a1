import { useEffect, useState } from "react";

const PHONE = "(max-width: 640px)";

/** True on a screen as narrow as a phone's. */
export function usePhone(): boolean {
  const [phone, setPhone] = useState(() => matchMedia(PHONE).matches);
  useEffect(() => {
    const query = matchMedia(PHONE);
    const heard = () => setPhone(query.matches);
    query.addEventListener("change", heard);
    return () => query.removeEventListener("change", heard);
  }, []);
  return phone;
}

import { useSearchParams } from "react-router";
import { address } from "../parts/address";
import { Back } from "../parts/Back";
import { roomWords } from "../words/class";

/** The class an exercise stands on the sheet of; empty where it is nobody's. */
const useRoomOf = () => useSearchParams()[0].get("room") ?? "";

/** The way back to a learner's own sheet, where an exercise stands on one. */
export function RoomBack() {
  const room = useRoomOf();
  return room ? <Back to={address.room(room)} name={roomWords.back} /> : null;
}

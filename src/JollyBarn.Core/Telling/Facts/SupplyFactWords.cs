using JollyBarn.Terms;

namespace JollyBarn.Telling.Facts;

/// <summary>How the facts of panels, breakers and circuits are asked.</summary>
internal static class SupplyFactWords
{
    public static Dictionary<FactKey, FactWords> All { get; } =
        new()
        {
            [SupplyFacts.TakesTandem] = new(
                "Does the panel take tandem breakers?",
                "Its label shows which slots take one, or says none does."
            ),
            [SupplyFacts.BreakersListed] = new(
                "Are all its breakers of types its label names?",
                "Compare each breaker's type with the list inside the door."
            ),
            [SupplyFacts.NeutralScrews] = new(
                "Has each neutral a screw of its own?",
                "Only a licensed person takes the cover off; look along the bar."
            ),
            [SupplyFacts.FeederDrop] = new(
                "How much is lost on the way to this panel at full load, in percent?",
                "Read the legs here with nothing on, then with the load on: the difference of the two by the first. 0 "
                    + "where the service comes in."
            ),
            [SupplyFacts.OneSource] = new(
                "Is it made so that only one source can be on at a time?",
                "A transfer switch, or an interlock that lets one of the two main handles be on. A note beside the door is neither."
            ),
            [SupplyFacts.SlotsClosed] = new("Are all unused openings of its cover closed?", "From the front, with the door open."),
            [SupplyFacts.Written] = new(
                "Does the directory say what it feeds?",
                "Inside the door: clear, and telling this circuit from every other.",
                ["clearly", "not so that one could tell", "nothing is written"]
            ),
            [SupplyFacts.DidNotTrip] = new(
                "Was it seen not to trip on a short?",
                "A spark and a bang at the box, and the handle stayed on."
            ),
            [SupplyFacts.ButtonOpens] = new("Does its test button open it?", "Press it with the breaker on; its circuit goes dead."),
            [SupplyFacts.KeepOn] = new(
                "Must what hangs on it not lose power without warning?",
                "A freezer, something medical, a computer, an alarm: ask before it goes off. Do not switch a compressor "
                    + "straight back on."
            ),
            [SupplyFacts.Purpose] = new(
                "What is the circuit for?",
                "By what it was put in for, whatever hangs on it now.",
                [.. Enum.GetValues<Purpose>().Select(PurposeWords.Of)]
            ),
            [SupplyFacts.DirectWatts] = new(
                "What does it feed straight from the panel, in watts?",
                "A range, a water heater: what its cable goes to with no box on the way. On its label."
            ),
            [SupplyFacts.DirectLasting] = new("Does that run three hours or more on end?", "A water heater, a charger."),
        };
}

using static JollyBarn.CodeBook.FactKinds;

namespace JollyBarn.CodeBook;

/// <summary>Facts of panels, breakers and circuits.</summary>
public static class SupplyFacts
{
    public static IReadOnlyList<FactKind> All { get; } =
    [
        YesNo("takes-tandem", FactOf.Panel, 500, "Does the panel take tandem breakers?", "Its label shows which slots take one, or says none does."),
        YesNo("breakers-listed", FactOf.Panel, 501, "Are all its breakers of types its label names?", "Compare each breaker's type with the list inside the door.", "yes"),
        YesNo("neutral-screws", FactOf.Panel, 502, "Has each neutral a screw of its own?", "Only a licensed person takes the cover off; look along the bar.", "yes"),
        Number("feeder-drop", FactOf.Panel, 504, "How much is lost on the way to this panel at full load, in percent?", "Read the legs here with nothing on, then with the load on: the difference of the two by the first. 0 where the service comes in.", "%"),
        YesNo("slots-closed", FactOf.Panel, 503, "Are all unused openings of its cover closed?", "From the front, with the door open.", "yes"),
        Choice("written", FactOf.Breaker, 510, "Does the directory say what it feeds?", "Inside the door: clear, and telling this circuit from every other.", ("clear", "clearly"), ("vague", "not so that one could tell"), ("nothing", "nothing is written")),
        YesNo("did-not-trip", FactOf.Breaker, 511, "Was it seen not to trip on a short?", "A spark and a bang at the box, and the handle stayed on."),
        YesNo("button-opens", FactOf.Breaker, 512, "Does its test button open it?", "Press it with the breaker on; its circuit goes dead.", "yes"),
        Choice("purpose", FactOf.Circuit, 520, "What is the circuit for?", "By what it was put in for, whatever hangs on it now.", [.. PurposeBook.All.Select(p => (p.Id, p.Name))]),
        Number("direct-load", FactOf.Circuit, 521, "What does it feed straight from the panel, in watts?", "A range, a water heater: what its cable goes to with no box on the way. On its label.", "W"),
        YesNo("direct-load-long", FactOf.Circuit, 522, "Does that run three hours or more on end?", "A water heater, a charger."),
    ];
}

using JollyBarn.Edits;
using JollyBarn.Measures;
using JollyBarn.Testing;
using JollyBarn.Wiring;
using static JollyBarn.Inspection.Verdict;

namespace JollyBarn.Core.Tests;

/// <content>What a rule of circuits and panels can say beside the cases of the other list.</content>
public partial class SupplyRuleTests
{
    private static IEnumerable<Case> Rest() =>
        [
            new("purpose", "b/l", Fix, "210.11(C)(2): a luminaire on the laundry's circuit", [For("laundry"), .. Lamp()])
            {
                Which = "NoReceptacle",
            },
            new("purpose", "b/heat.a", Fix, "210.11(C)(2): a heater on the laundry's circuit", [For("laundry"), .. Heater()])
            {
                Which = "FixedLoad",
            },
            new("purpose-rating", "circuit", Fix, "210.11(C)(2): 15 A, and 12 AWG all the way", For("laundry"))
            {
                House = Thick(SmallHouse.Receptacle()),
                Which = "ThickEnough",
            },
            new(
                "fault-current",
                "b/r",
                Fine,
                "UL 489: 150 ft of 14 is 0.92 Ω, 120 A: 8 times, which opens at once or not",
                [.. AtPanel, new SetRun("on", Circuit: "c", Length: SmallHouse.Feet(120))]
            )
            {
                Which = "Perhaps",
            },
            new("directory", "1", Fix, "408.4(A): what it says is not clear", Panel("1", "written", "vague")) { Which = "Vague" },
            new("directory", "1", Fine, "408.4(A): clear", Panel("1", "written", "clear")) { Which = "Clear" },
        ];

    private static Edit[] Heater() =>
        [
            new AddCable("b", "heat", "k9", Jobs.Nm(14, 2), EntrySide.Bottom, null, "to the heater", Feeds.FeedsOn),
            new SetRun("heat", Circuit: "c"),
            new EndAtLoad("heat", RunSide.B, "heater"),
        ];

    /// <summary>A receptacle <c>q</c> in a bathroom, fed from the load side of the one in box <c>b</c>, and all followed to the
    /// panel.</summary>
    private static Edit[] Far() =>
        [
            .. AtPanel,
            new PutPlace("bath", new Place("Bathroom", Wetness.Damp, "bathroom")),
            new AddCable("b", "far-on", "k9", Jobs.Nm(14, 2), EntrySide.Bottom, null, "on to the bathroom", Feeds.Protected),
            new MoveLead("b", "far-on.a0", GfciBox.At("load-hot/plate", "r")),
            new MoveLead("b", "far-on.a1", GfciBox.At("load-neutral/plate", "r")),
            new SetRun("far-on", Circuit: "c", Length: SmallHouse.Feet(10)),
            new AddBox("far", "By the basin", "nm-1g-22.5", "bath", null, Contents.Complete),
            new ConnectRun("far", "far-on", RunSide.B, "k", EntrySide.Top, "from the bench", Feeds.FeedsIn),
            new AddDevice("far", "q", "receptacle", 1),
            new MoveLead("far", "far-on.b0", GfciBox.At("hot-upper/screw", "q")),
            new MoveLead("far", "far-on.b1", GfciBox.At("neutral-upper/screw", "q")),
        ];

    private static Edit[] Lamp() =>
        [new AddDevice("b", "l", "luminaire", 0), new JoinLeads("b", "lamp", "twist-on-small", ["on.b0", "l.hot"], "lamp")];

    private static Job Thick(Job house) => house with { Runs = house.Runs.Each((_, run) => run with { Gauge = Gauge.Awg(12) }) };
}

using JollyBarn.Edits;
using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.Practice.Houses;

/// <summary>Small houses wired as the trade does it, followed from every outlet to the panel, each fact the wiring rules ask answered: so
/// that nothing of the wiring is to stop, to fix or to measure.</summary>
public partial class WiredHouse
{
    private readonly Random random;
    private int circuits;

    protected WiredHouse(int seed) => (random, Job) = (new(seed), Blank());

    protected Job Job { get; set; }

    protected int Boxes { get; set; }

    /// <summary>A number of no great weight: from 0 up to, not with, this one.</summary>
    protected int Drawn(int below) => random.Next(below);

    /// <summary>The same for the same seed: two to four circuits of different kinds.</summary>
    public static Job Make(int seed) => Make(seed, 2, 4);

    /// <summary>One circuit of some kind.</summary>
    public static Job One(int seed) => Make(seed, 1, 1);

    private static Job Make(int seed, int least, int most)
    {
        var house = new WiredHouse(seed);
        Action[] kinds =
        [
            () => house.Row(),
            house.Protected,
            house.Light,
            house.Loop,
            house.ThreeWays,
            house.Multiwire,
            house.HalfSwitched,
        ];
        house.random.Shuffle(kinds);
        foreach (var kind in kinds.Take(least + house.random.Next(most - least + 1)))
        {
            kind();
        }

        return house.Job;
    }

    private static Job Blank() =>
        Job.Blank("House")
            .Do(
                new PutSource("s", new Source("Service", SourceKind.Service)),
                new PutPanel("p", new Panel("Panel", SupplySystem.SplitPhase, 40, 100, "s")),
                new PutPlace("dry", new Place("Type store", Wetness.Dry, "storage")),
                new PutPlace("bath", new Place("Wash room", Wetness.Dry, "bathroom"))
            );

    /// <summary>Receptacles in a row, each fed through the joints of the one before.</summary>
    /// <param name="boxes">How many; null for two to four.</param>
    protected void Row(int? boxes = null)
    {
        var (circuit, gauge) = Circuit(Drawn(2) == 0 ? 15 : 20);
        var run = FromPanel(circuit, gauge, 2);
        Chain((circuit, gauge), run, boxes ?? (2 + Drawn(3)), _ => Box(Drawn(2) == 0 ? "nm-1g-22.5" : "device-3x2x3-1/2", "dry"));
    }

    /// <summary>Receptacles on a cable, each fed through the joints of the one before.</summary>
    /// <param name="put">Puts the next box up, the first being number 0.</param>
    protected void Chain((Id<Circuit> Circuit, int Gauge) on, Id<Run> run, int boxes, Func<int, Id<Box>> put)
    {
        for (var n = 0; n < boxes; n++)
        {
            var box = put(n);
            var leads = Enter(box, run).ToList();
            if (n < boxes - 1)
            {
                run = Run(on.Circuit, on.Gauge, 2);
                leads.AddRange(Enter(box, run));
            }

            Receptacle(box, "receptacle", [.. leads], "hot-upper", "neutral-upper");
        }
    }

    /// <summary>A protective receptacle in a bathroom, one on its load side behind it, and one beside it that needs none.</summary>
    protected void Protected()
    {
        var (circuit, gauge) = Circuit(20);
        var (feed, safe) = (FromPanel(circuit, gauge, 2), Run(circuit, gauge, 2));
        ProtectedBox("bath", feed, safe);
        var second = Box("device-3x2x3-1/2", "bath");
        Receptacle(second, "receptacle", Enter(second, safe), "hot-upper", "neutral-upper");
    }

    /// <summary>A protective receptacle fed by one cable, its load side on another.</summary>
    protected void ProtectedBox(string place, Id<Run> feed, Id<Run> safe)
    {
        var box = Box("nm-2g-32", place);
        var (into, on) = (Enter(box, feed), Enter(box, safe));
        Do(
            new AddDevice(box, "g", "protective", 1),
            new MoveLead(box, into[0], At("g", "line-hot/plate")),
            new MoveLead(box, into[1], At("g", "line-neutral/plate")),
            new MoveLead(box, on[0], At("g", "load-hot/plate")),
            new MoveLead(box, on[1], At("g", "load-neutral/plate"))
        );
        Grounds(box, [into[2], on[2]], "g");
    }

    /// <summary>A switch box fed from the panel, a lamp behind it.</summary>
    protected void Light()
    {
        var (circuit, gauge) = Circuit(15);
        var (feed, leg) = (FromPanel(circuit, gauge, 2), Run(circuit, gauge, 2));
        var box = Box(Drawn(2) == 0 ? "nm-1g-22.5" : "device-3x2x3-1/2", "dry");
        var (into, on) = (Enter(box, feed), Enter(box, leg));
        Do(
            new AddDevice(box, "s", "switch", 1),
            new MoveLead(box, into[0], At("s", "hot/screw")),
            new MoveLead(box, on[0], At("s", "switched/screw")),
            new IdentifyLead(box, on[0], "black", ConductorUse.Switched)
        );
        Join(box, "neutrals", [into[1], on[1]]);
        Grounds(box, [into[2], on[2]], "s");
        Lamp(leg, []);
    }

    /// <summary>A lamp fed from the panel, its switch at the end of a two-wire loop: the white, marked, feeds the switch.</summary>
    protected void Loop()
    {
        var (circuit, gauge) = Circuit(15);
        var (feed, loop) = (FromPanel(circuit, gauge, 2), Run(circuit, gauge, 2));
        var box = Box("nm-1g-22.5", "dry");
        var end = Enter(box, loop);
        Do(
            new AddDevice(box, "s", "switch", 1),
            new IdentifyLead(box, end[1], "white", ConductorUse.Hot, "black"),
            new IdentifyLead(box, end[0], "black", ConductorUse.Switched),
            new MoveLead(box, end[1], At("s", "hot/screw")),
            new MoveLead(box, end[0], At("s", "switched/screw"))
        );
        Grounds(box, [end[2]], "s");
        var lamp = Box("round-4x2-1/8", "dry");
        var (into, back) = (Enter(lamp, feed), Enter(lamp, loop));
        Do(
            new AddDevice(lamp, "l", "luminaire", 0),
            new IdentifyLead(lamp, back[1], "white", ConductorUse.Hot, "black"),
            new IdentifyLead(lamp, back[0], "black", ConductorUse.Switched)
        );
        Do(Note(lamp, "l", "exposed-metal", "yes"));
        Join(lamp, "hots", [into[0], back[1]]);
        Join(lamp, "switched", [back[0], "l.hot"]);
        Join(lamp, "neutrals", [into[1], "l.neutral"]);
        Join(lamp, "grounds", [into[2], back[2], "l.ground"]);
        Bond(lamp);
    }

    /// <summary>Two three-way switches and a lamp.</summary>
    protected void ThreeWays()
    {
        var (circuit, gauge) = Circuit(15);
        var (feed, between, leg) = (FromPanel(circuit, gauge, 2), Run(circuit, gauge, 3), Run(circuit, gauge, 2));
        var (one, two) = (Box("nm-1g-22.5", "dry"), Box("nm-1g-22.5", "dry"));
        var (into, out1) = (Enter(one, feed), Enter(one, between));
        var (in2, on) = (Enter(two, between), Enter(two, leg));
        foreach (var (box, cable, common) in new[] { (one, out1, into[0]), (two, in2, on[0]) })
        {
            Do(
                new AddDevice(box, "s", "switch-3way", 1),
                new MoveLead(box, common, At("s", "common/screw")),
                new MoveLead(box, cable[0], At("s", "traveler-1/screw")),
                new MoveLead(box, cable[1], At("s", "traveler-2/screw")),
                new IdentifyLead(box, cable[0], "black", ConductorUse.Traveler),
                new IdentifyLead(box, cable[1], "red", ConductorUse.Traveler)
            );
        }

        Do(new IdentifyLead(two, on[0], "black", ConductorUse.Switched));
        Join(one, "neutrals", [into[1], out1[2]]);
        Join(two, "neutrals", [in2[2], on[1]]);
        Grounds(one, [into[2], out1[3]], "s");
        Grounds(two, [in2[3], on[2]], "s");
        Lamp(leg, []);
    }

    /// <summary>Two hots on two tied breakers, one neutral, a receptacle on each.</summary>
    protected void Multiwire()
    {
        var (circuit, gauge) = Circuit(20, 2);
        var feed = FromPanel(circuit, gauge, 3);
        var box = Box("nm-2g-32", "dry");
        var into = Enter(box, feed);
        Do(
            new AddDevice(box, "r", "receptacle", 1, "left receptacle"),
            new AddDevice(box, "q", "receptacle", 2, "right receptacle"),
            new MoveLead(box, into[0], At("r", "hot-upper/screw")),
            new MoveLead(box, into[1], At("q", "hot-upper/screw")),
            Note(box, $"{feed}.{Side(box, feed)}", "tied", "yes"),
            Note(box, $"{feed}.{Side(box, feed)}", "legs", "different")
        );
        Join(box, "neutrals", [into[2]]);
        Do(
            new AddPigtail(box, "n1", In("neutrals"), At("r", "neutral-upper/screw")),
            new AddPigtail(box, "n2", In("neutrals"), At("q", "neutral-upper/screw"))
        );
        Grounds(box, [into[3]], "r", "q");
    }

    /// <summary>A split receptacle, its lower half behind a switch in the same box.</summary>
    protected void HalfSwitched()
    {
        var (circuit, gauge) = Circuit(15);
        var feed = FromPanel(circuit, gauge, 2);
        var box = Box("nm-2g-32", "dry");
        var into = Enter(box, feed);
        Do(
            new AddDevice(box, "r", "receptacle-split", 1),
            new AddDevice(box, "s", "switch", 2),
            new SetDevice(box, "r", BrokenTabs: ["hot"])
        );
        Join(box, "hots", [into[0]]);
        Do(
            new AddPigtail(box, "h1", In("hots"), At("r", "hot-upper/screw")),
            new AddPigtail(box, "h2", In("hots"), At("s", "hot/screw")),
            new AddPigtail(box, "h3", At("s", "switched/screw"), At("r", "hot-lower/screw"), Gauge.Awg(gauge), "black"),
            new MoveLead(box, into[1], At("r", "neutral-upper/screw"))
        );
        Grounds(box, [into[2]], "r", "s");
    }

    private void Lamp(Id<Run> leg, IReadOnlyList<Id<Lead>> more)
    {
        var box = Box(Drawn(2) == 0 ? "round-4x2-1/8" : "nm-round-22.5", "dry");
        var into = Enter(box, leg);
        Do(new AddDevice(box, "l", "luminaire", 0), new IdentifyLead(box, into[0], "black", ConductorUse.Switched));
        Do(Note(box, "l", "exposed-metal", "yes"));
        Join(box, "hot", [into[0], "l.hot"]);
        Join(box, "neutrals", [into[1], "l.neutral", .. more]);
        Join(box, "grounds", [into[2], "l.ground"]);
        Bond(box);
    }

    /// <summary>A receptacle at the end of one cable, or by pigtails from the joints of two.</summary>
    protected void Receptacle(Id<Box> box, string kind, Id<Lead>[] leads, string hot, string neutral)
    {
        Do(new AddDevice(box, "r", kind, 1));
        if (leads.Length == 3)
        {
            Do(new MoveLead(box, leads[0], At("r", hot + "/screw")), new MoveLead(box, leads[1], At("r", neutral + "/screw")));
            Grounds(box, [leads[2]], "r");
            return;
        }

        Join(box, "hots", [leads[0], leads[3]]);
        Join(box, "neutrals", [leads[1], leads[4]]);
        Do(
            new AddPigtail(box, "h", In("hots"), At("r", hot + "/screw")),
            new AddPigtail(box, "n", In("neutrals"), At("r", neutral + "/screw"))
        );
        Grounds(box, [leads[2], leads[5]], "r");
    }
}

using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.Practice.Houses;

/// <content>What hands do: put up a box, pull a cable, bring it in, join and land.</content>
public partial class WiredHouse
{
    protected void Grounds(Id<Box> box, Id<Lead>[] grounds, params Id<Device>[] devices)
    {
        Join(box, "grounds", grounds);
        foreach (var device in devices)
        {
            Do(new AddPigtail(box, $"g-{device}", In("grounds"), At(device, "ground/screw"), Colour: "bare"));
        }

        Bond(box);
    }

    private void Bond(Id<Box> box)
    {
        if (Job.Boxes[box].Material == BoxMaterial.Metal)
        {
            Do(
                new AddPigtail(box, "bond", In("grounds"), new(LandingAt.BondingScrew), Colour: "bare"),
                Note(box, "box", "bond-screw", "screw")
            );
        }
    }

    protected void Join(Id<Box> box, string name, Id<Lead>[] leads) =>
        Do(new JoinLeads(box, name, leads.Length > 3 ? "twist-on-large" : "twist-on-medium", leads, name));

    protected Id<Box> Box(string kind, string place)
    {
        var id = $"b{Boxes++}";
        Do(
            new AddBox(id, $"{Job.Places[place].Name} {Boxes}", kind, place, null, Contents.Complete),
            Note(id, "box", "near-water", "no"),
            Note(id, "box", "plate-metal", "yes")
        );
        return id;
    }

    /// <summary>A circuit on breakers of its own, and the gauge its cables have.</summary>
    protected (Id<Circuit> Circuit, int Gauge) Circuit(int amperes, int breakers = 1)
    {
        Id<Circuit> id = $"c{circuits}";
        var panel = Job.Panels["p"];
        Do(new PutCircuit(id, new Circuit($"Circuit {circuits + 1}")));
        Do(
            new PutPanel(
                "p",
                panel with
                {
                    Breakers =
                    [
                        .. panel.Breakers,
                        .. Enumerable
                            .Range(0, breakers)
                            .Select(b => new Breaker(
                                (4 * (circuits / 2)) + 1 + (circuits % 2) + (2 * b),
                                1,
                                amperes,
                                BreakerKind.Standard,
                                id,
                                breakers == 1 ? $"circuit {circuits + 1}" : $"circuit {circuits + 1}, {"ab"[b]}",
                                true
                            )),
                    ],
                }
            )
        );
        circuits++;
        return (id, amperes == 15 ? 14 : 12);
    }

    protected Id<Run> FromPanel(Id<Circuit> circuit, int gauge, int conductors)
    {
        var run = Run(circuit, gauge, conductors);
        Job = Job with { Runs = Job.Runs.With(run, Job.Runs[run] with { B = new RunEnd(EndAt.Panel, "p") }) };
        return run;
    }

    /// <summary>A cable that ends nowhere yet.</summary>
    protected Id<Run> Run(Id<Circuit> circuit, int gauge, int conductors)
    {
        Id<Run> id = $"r{Job.Runs.Count}";
        var spec = new CableSpec(CableType.NmB, conductors, GroundKind.Bare, Gauge.Awg(gauge));
        Do(
            new AddBox("making", "Making", "nm-1g-22.5"),
            new AddCable("making", id, "k", spec),
            new SetRun(id, Circuit: circuit, Length: Far())
        );
        Job = Job with { Boxes = Job.Boxes.Without("making"), Runs = Job.Runs.With(id, Job.Runs[id] with { A = RunEnd.Unknown }) };
        return id;
    }

    private Fact<Length> Far() => new(Known.Measured, Length.Inches(12 * (10 + Drawn(30))));

    /// <summary>Brings the next free end of a cable into a box; its leads.</summary>
    protected Id<Lead>[] Enter(Id<Box> box, Id<Run> run)
    {
        var side = Job.Runs[run].A.At == EndAt.Unknown ? RunSide.A : RunSide.B;
        Do(new ConnectRun(box, run, side, $"k-{run}", EntrySide.Top, Job.Runs[run].B.At == EndAt.Panel ? "from the panel" : null));
        if (side == RunSide.B && Job.Runs[run].A.Box is { } other)
        {
            // Each end is called after the box at the other.
            Do(
                new NameCable(box, run, side, $"from {Job.Boxes[other].Name}"),
                new NameCable(other, run, RunSide.A, $"to {Job.Boxes[box].Name}")
            );
        }

        return [.. Job.Boxes[box].Leads.Where(l => l.Value.Run == run).OrderBy(l => l.Value.Index).Select(l => l.Key)];
    }

    protected string Side(Id<Box> box, Id<Run> run) => Job.Runs[run].A.IsIn(box) ? "a" : "b";

    protected void Do(params Edit[] edits) => Job = Job.Do(edits);

    protected static Landing In(string joint) => new(LandingAt.Joint, joint);

    protected static Landing At(Id<Device> device, string place) => new(LandingAt.Terminal, null, device, place);

    protected static NoteFact Note(Id<Box> box, string of, string key, string value) =>
        new(box, of, key, new Observation(Known.Measured, value));
}

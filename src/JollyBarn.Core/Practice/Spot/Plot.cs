using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Practice.Spot;

/// <summary>A box mistakes are planted in.</summary>
internal sealed class Plot(Job job, Id<Box> id, Random random)
{
    public Job Job => job;

    public Id<Box> Id => id;

    public Box Box { get; } = job.Boxes[id];

    /// <summary>One of some; null where there is none.</summary>
    public T? One<T>(IEnumerable<T> of)
        where T : struct
    {
        var all = of.ToList();
        return all.Count == 0 ? null : all[random.Next(all.Count)];
    }

    /// <summary>Every wire that ends here, by the ends it has: a lead has one, a pigtail two.</summary>
    public IEnumerable<WireEnd> Ends =>
        Box
            .Leads.Where(l => l.Value.Form == LeadForm.Ended)
            .Select(l => new WireEnd(l.Key, null, l.Value.Lands, l.Value.Use, l.Value.Gauge))
            .Concat(
                Box.Pigtails.SelectMany(t =>
                    new[]
                    {
                        new WireEnd(t.Key, false, t.Value.From, t.Value.Use, t.Value.Gauge),
                        new WireEnd(t.Key, true, t.Value.To, t.Value.Use, t.Value.Gauge),
                    }
                )
            );

    /// <summary>Ends on a terminal of some role.</summary>
    public IEnumerable<WireEnd> On(Func<TerminalRole, bool> role) =>
        Ends.Where(e => e.At.At == LandingAt.Terminal && Role(e.At) is { } r && role(r));

    public TerminalRole? Role(Landing at) =>
        at.Device is { } device && Box.Devices.Find(device) is { } found ? DeviceKinds.Spot(found.Kind, at.Place)?.Terminal.Role : null;

    /// <summary>Places of the terminals of a role.</summary>
    public IEnumerable<Landing> Places(Func<TerminalRole, bool> role) =>
        Box.Devices.SelectMany(d =>
            DeviceKinds
                .Find(d.Value.Kind)!
                .Terminals.Where(t => role(t.Role))
                .Select(t => new Landing(LandingAt.Terminal, null, d.Key, t.Landings[0].Id))
        );

    public IEnumerable<Landing> Joints(Func<ConductorUse, bool> use) =>
        Box.Joints.Ids.Where(j => Ends.Any(e => e.At.IsIn(j) && use(e.Use))).Select(j => new Landing(LandingAt.Joint, j));

    public Edit Move(WireEnd end, Landing to) => end.Far is { } far ? new LandPigtail(id, end.Id, far, to) : new MoveLead(id, end.Id, to);

    /// <summary>Cable ends of a box, each once.</summary>
    public static IEnumerable<string> CablesOf(Box box) =>
        box.Leads.Values.Where(l => l.Run is not null).Select(l => Subjects.CableEnd(l.Run!.Value, l.Side)).Distinct();

    /// <summary>The end of a run here, by the subject that names it.</summary>
    public static RunEnd End(Job job, string cable) =>
        Subjects.CableEnd(cable) is var (run, side)
            ? job.Runs[run].End(side)
            : throw new ArgumentException("No end of a cable.", nameof(cable));

    /// <summary>Tags an end of a cable with where it feeds.</summary>
    public static Edit Tag(Job job, Id<Box> id, string cable, Feeds feeds)
    {
        var (run, side) = Subjects.CableEnd(cable)!.Value;
        return new NameCable(id, run, side, End(job, cable).Says, feeds);
    }

    /// <summary>What a fact of some kind can be about here: of wires those of cables, without the grounds.</summary>
    public IEnumerable<string> Things(FactOf of) =>
        of switch
        {
            FactOf.Box => [Subjects.Box],
            FactOf.Entry => Box.Entries.Ids,
            FactOf.CableEnd => CablesOf(Box),
            FactOf.Joint => Box.Joints.Ids.Select(i => i.Text),
            FactOf.Device => Box.Devices.Ids.Select(i => i.Text),
            _ => Box.Leads.Where(l => l.Value is { Run: not null, IsGround: false }).Select(l => l.Key.Text),
        };

    public string? One(IEnumerable<string> of) => of.ToList() is { Count: > 0 } all ? all[random.Next(all.Count)] : null;

    public Edit[]? Note(string? of, FactKey fact, string value) =>
        of is null ? null : [new NoteFact(id, of, fact.Id, new(Known.Measured, value))];
}

/// <summary>One end of a wire.</summary>
/// <param name="Far">Which end of a pigtail; null of a lead.</param>
internal readonly record struct WireEnd(Id<Lead> Id, bool? Far, Landing At, ConductorUse Use, Measures.Gauge? Gauge);

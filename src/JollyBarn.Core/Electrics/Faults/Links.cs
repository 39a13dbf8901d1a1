using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Electrics.Faults;

/// <summary>A joint, screw or conductor that has come apart: <c>land:box/lead</c>, <c>wire:run/0</c>.</summary>
public sealed record OpenLink(string Link) : Fault
{
    public override void Plant(LinkPlan plan)
    {
        if (plan.Find(Link) is { } link)
        {
            plan.Put(link.With(open: true));
        }
    }
}

/// <summary>A tab that was to be broken and is whole, or a contact that does not open.</summary>
public sealed record Whole(string Link) : Fault
{
    public override void Plant(LinkPlan plan)
    {
        if (plan.Find(Link) is { } link)
        {
            plan.Put(link.With(open: false));
        }
    }
}

/// <summary>One end of a link where it does not belong: a lead on another terminal, a breaker's pole on another leg.</summary>
/// <param name="Near">True moves the end it starts from: of a breaker the leg, of a lead the lead.</param>
public sealed record Moved(string Link, string To, bool Near = false) : Fault
{
    public override Refusal? Check() => string.IsNullOrEmpty(To) ? new(Why.FaultWhere, "to") : null;

    public override void Plant(LinkPlan plan)
    {
        if (plan.Find(Link) is { } link)
        {
            plan.Put(Near ? link.With(from: To) : link.With(to: To));
        }
    }
}

/// <summary>A fault that comes and goes: it is there while the situation says so.</summary>
public sealed record ComesAndGoes(Fault What) : Fault
{
    public override Refusal? Check() => What is null or ComesAndGoes ? new(Why.FaultWhich, "what") : What.Check();

    public override void Plant(LinkPlan plan)
    {
        if (plan.Passing.Now)
        {
            What.Plant(plan);
        }
    }
}

/// <summary>A fault that is there only while it is wet: a splice in the rain, a lamp with water in it.</summary>
public sealed record InTheWet(Fault What) : Fault
{
    public override Refusal? Check() => What is null or InTheWet ? new(Why.FaultWhich, "what") : What.Check();

    public override void Plant(LinkPlan plan)
    {
        if (plan.Passing.Wet)
        {
            What.Plant(plan);
        }
    }
}

/// <summary>A fault of what is plugged in: unplugged it is gone.</summary>
public sealed record OfWhatIsPlugged(Fault What) : Fault
{
    public override Refusal? Check() => What is null or OfWhatIsPlugged ? new(Why.FaultWhich, "what") : What.Check();

    public override void Plant(LinkPlan plan)
    {
        if (plan.Passing.PluggedIn)
        {
            What.Plant(plan);
        }
    }
}

/// <summary>A loose joint or broken conductor across which the current draws an arc.</summary>
/// <param name="Ohms">What the arc takes, Ω. <em>Practice</em>: some tens of volts at the currents of a branch circuit.</param>
public sealed record SeriesArc(string Link, double Ohms = 2) : Fault
{
    public override Refusal? Check() => BadOhms(Ohms);

    public override void Plant(LinkPlan plan)
    {
        if (plan.Find(Link) is { } link)
        {
            var arc = link.With(ohms: Ohms);
            plan.Put(arc);
            plan.Arcs.Add((arc, true));
        }
    }
}

/// <summary>An arc from one conductor to another, or to ground.</summary>
public sealed record ParallelArc(string From, string To, double Ohms = 1) : Fault
{
    public override Refusal? Check() =>
        string.IsNullOrEmpty(From) || string.IsNullOrEmpty(To) || From == To ? new(Why.TwoPoints, "from") : BadOhms(Ohms);

    public override void Plant(LinkPlan plan) => plan.Arcs.Add((plan.Join($"fault:arc/{From}~{To}", From, To, Ohms, LinkKind.Leak), false));
}

/// <summary>A joint that has gone bad: so many Ω instead of a milliohm.</summary>
public sealed record PoorLink(string Link, double Ohms) : Fault
{
    public override Refusal? Check() => BadOhms(Ohms);

    public override void Plant(LinkPlan plan)
    {
        if (plan.Find(Link) is { } link)
        {
            plan.Put(link.With(ohms: Ohms));
        }
    }
}

/// <summary>Two leads each where the other belongs: their landings change places.</summary>
public sealed record Exchanged(string One, string Other) : Fault
{
    public override void Plant(LinkPlan plan)
    {
        if (plan.Find(One) is { } one && plan.Find(Other) is { } other)
        {
            plan.Put(one.With(to: other.To));
            plan.Put(other.With(to: one.To));
        }
    }
}

/// <summary>Two points that touch: a jumper, hot on ground or box, neutral on ground, a wet splice or leakage by its Ω.</summary>
public sealed record Bridged(string From, string To, double Ohms = 0.001) : Fault
{
    public override Refusal? Check() => string.IsNullOrEmpty(From) || string.IsNullOrEmpty(To) ? new(Why.TwoPoints, "from") : BadOhms(Ohms);

    public override void Plant(LinkPlan plan)
    {
        if (From != To)
        {
            plan.Join($"fault:{From}~{To}", From, To, Ohms, Ohms < 1 ? LinkKind.Contact : LinkKind.Leak);
        }
    }
}

/// <summary>Metal of a box that no ground reaches: everything between it and a conductor is apart; a yoke still touches it.</summary>
public sealed record Unbonded(Id<Box> Box) : Fault
{
    public override void Plant(LinkPlan plan)
    {
        foreach (var link in plan.Touching(Points.Metal(Box)).Where(l => l.Kind == LinkKind.Contact).ToList())
        {
            plan.Put(link.With(open: true));
        }
    }
}

/// <summary>A nail or saw in a cable: so many of its conductors touch each other.</summary>
public sealed record Nail(Id<Run> Run, IReadOnlyList<int> Conductors, double Ohms = 0.05) : Fault
{
    public bool Equals(Nail? other) =>
        other is not null && Run == other.Run && Ohms.Equals(other.Ohms) && Conductors.SequenceEqual(other.Conductors);

    public override int GetHashCode() => HashCode.Combine(Run, Conductors.Count, Ohms);

    public override Refusal? Check() =>
        Conductors is { Count: <= 30 } && !Conductors.Any(c => c is < 0 or > 30) ? BadOhms(Ohms) : new(Why.NailRange, "conductors");

    public override void Plant(LinkPlan plan)
    {
        foreach (var (a, b) in Conductors.Zip(Conductors.Skip(1)))
        {
            plan.Join(
                $"fault:{Run}/{a}~{b}",
                Points.End(Run, Wiring.RunSide.A, a),
                Points.End(Run, Wiring.RunSide.A, b),
                Ohms,
                LinkKind.Contact
            );
        }
    }
}

/// <summary>Mistakes that were made together.</summary>
public sealed record Several(IReadOnlyList<Fault> Faults) : Fault
{
    private const int Most = 10;

    public bool Equals(Several? other) => other is not null && Faults.SequenceEqual(other.Faults);

    public override int GetHashCode() => Faults.Aggregate(Faults.Count, HashCode.Combine);

    public override Refusal? Check() =>
        Faults is not { Count: > 0 and <= Most } || Faults.Any(f => f is null or Several or ComesAndGoes { What: Several })
            ? new(Why.FaultsTogether, "faults", ("most", Most))
            : Faults.Select(f => f.Check()).FirstOrDefault(r => r is not null);

    public override void Plant(LinkPlan plan)
    {
        foreach (var fault in Faults)
        {
            fault.Plant(plan);
        }
    }
}

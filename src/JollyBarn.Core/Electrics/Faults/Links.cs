using JollyBarn.Measures;

namespace JollyBarn.Electrics.Faults;

/// <summary>A joint, screw or conductor that has come apart: <c>land:box/lead</c>, <c>wire:run/0</c>.</summary>
public sealed record OpenLink(string Link) : Fault
{
    public override void Plant(Plan plan)
    {
        if (plan.Find(Link) is { } link)
        {
            link.Open = true;
        }
    }
}

/// <summary>A joint that has gone bad: so many Ω instead of a milliohm. An intermittent one is this one that comes and goes.</summary>
public sealed record PoorLink(string Link, double Ohms) : Fault
{
    public override Refusal? Check() => BadOhms(Ohms);

    public override void Plant(Plan plan)
    {
        if (plan.Find(Link) is { } link)
        {
            link.Ohms = Ohms;
        }
    }
}

/// <summary>Two leads each where the other belongs: their landings change places.</summary>
public sealed record Exchanged(string One, string Other) : Fault
{
    public override void Plant(Plan plan)
    {
        if (plan.Find(One) is { } one && plan.Find(Other) is { } other)
        {
            (one.To, other.To) = (other.To, one.To);
        }
    }
}

/// <summary>Two points that touch: a jumper, hot on ground or box, neutral on ground, a wet splice or leakage by its Ω.</summary>
public sealed record Bridged(string From, string To, double Ohms = 0.001) : Fault
{
    public override Refusal? Check() => string.IsNullOrEmpty(From) || string.IsNullOrEmpty(To) ? new("Two points are needed.", "from") : BadOhms(Ohms);

    public override void Plant(Plan plan)
    {
        if (From != To)
        {
            plan.Join($"fault:{From}~{To}", From, To, Ohms, Ohms < 1 ? LinkKind.Contact : LinkKind.Leak);
        }
    }
}

/// <summary>Metal of a box that no ground reaches: everything between it and a conductor is apart; a yoke still touches it.</summary>
public sealed record Unbonded(string Box) : Fault
{
    public override void Plant(Plan plan)
    {
        foreach (var link in plan.Links.Where(l => l.Kind == LinkKind.Contact && (l.To == Points.Metal(Box) || l.From == Points.Metal(Box))))
        {
            link.Open = true;
        }
    }
}

/// <summary>A nail or saw in a cable: so many of its conductors touch each other.</summary>
public sealed record Nail(string Run, IReadOnlyList<int> Conductors, double Ohms = 0.05) : Fault
{
    public override Refusal? Check() => Conductors is { Count: <= 30 } && !Conductors.Any(c => c is < 0 or > 30) ? BadOhms(Ohms) : new("A nail goes through conductors 0 to 30.", "conductors");

    public override void Plant(Plan plan)
    {
        foreach (var (a, b) in Conductors.Zip(Conductors.Skip(1)))
        {
            plan.Join($"fault:{Run}/{a}~{b}", Points.End(Run, Wiring.RunSide.A, a), Points.End(Run, Wiring.RunSide.A, b), Ohms, LinkKind.Contact);
        }
    }
}

/// <summary>Mistakes that were made together.</summary>
public sealed record Several(IReadOnlyList<Fault> Faults) : Fault
{
    private const int Most = 10;

    public override Refusal? Check() =>
        Faults is not { Count: > 0 and <= Most } || Faults.Any(f => f is null or Several) ? new($"One to {Most} single faults are made together.", "faults") : Faults.Select(f => f.Check()).FirstOrDefault(r => r is not null);

    public override void Plant(Plan plan)
    {
        foreach (var fault in Faults)
        {
            fault.Plant(plan);
        }
    }
}

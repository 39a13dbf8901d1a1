namespace JollyBarn.Electrics.Faults;

/// <summary>A joint, screw or conductor that has come apart: <c>land:box/lead</c>, <c>wire:run/0</c>.</summary>
public sealed record OpenLink(string Link) : Fault
{
    public override string Says => "open";

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
    public override string Says => $"{Ohms:0.##} Ω where there should be none";

    public override void Plant(Plan plan)
    {
        if (plan.Find(Link) is { } link && Ohms > 0)
        {
            link.Ohms = Ohms;
        }
    }
}

/// <summary>Two leads each where the other belongs: their landings change places.</summary>
public sealed record Exchanged(string One, string Other) : Fault
{
    public override string Says => "exchanged";

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
    public override string Says => Ohms < 1 ? "joined" : $"leaking through {Ohms:0} Ω";

    public override void Plant(Plan plan)
    {
        if (Ohms > 0 && From != To)
        {
            plan.Join($"fault:{From}~{To}", From, To, Ohms, Ohms < 1 ? LinkKind.Contact : LinkKind.Leak);
        }
    }
}

/// <summary>Metal of a box that no ground reaches: everything between it and a conductor is apart; a yoke still touches it.</summary>
public sealed record Unbonded(string Box) : Fault
{
    public override string Says => "not bonded";

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
    public override string Says => "a nail through the cable";

    public override void Plant(Plan plan)
    {
        foreach (var (a, b) in Conductors.Zip(Conductors.Skip(1)))
        {
            plan.Join($"fault:{Run}/{a}~{b}", Points.End(Run, Wiring.RunSide.A, a), Points.End(Run, Wiring.RunSide.A, b), Ohms, LinkKind.Contact);
        }
    }
}

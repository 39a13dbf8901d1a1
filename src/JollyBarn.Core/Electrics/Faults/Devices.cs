namespace JollyBarn.Electrics.Faults;

/// <summary>A breaker that never opens: <c>breaker:panel/3</c>.</summary>
public sealed record Stuck(string Guard) : Fault
{
    public override void Plant(Plan plan) => Never(plan, Guard);

    internal static void Never(Plan plan, string key)
    {
        var at = plan.Guards.FindIndex(g => g.Key == key);
        if (at >= 0)
        {
            plan.Guards[at] = plan.Guards[at] with { Stuck = true };
        }
    }
}

/// <summary>A ground-fault device whose works are dead: it passes current and never trips.</summary>
public sealed record NoTrip(string Guard) : Fault
{
    public override void Plant(Plan plan) => Stuck.Never(plan, Guard);
}

/// <summary>A breaker or ground-fault device that has tripped, or came tripped from its maker and was never reset.</summary>
public sealed record Tripped(string Guard) : Fault
{
    public override void Plant(Plan plan)
    {
        foreach (var link in plan.Guards.Where(g => g.Key == Guard).SelectMany(g => g.Links))
        {
            link.Open = true;
        }
    }
}

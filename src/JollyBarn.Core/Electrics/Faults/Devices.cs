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

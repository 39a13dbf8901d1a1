namespace JollyBarn.Electrics.Faults;

/// <summary>A breaker that never opens: <c>breaker:panel/3</c>.</summary>
public sealed record Stuck(string Guard) : Fault
{
    public override void Plant(LinkPlan plan) => plan.Stick(GuardKey.Read(Guard));
}

/// <summary>A ground-fault device whose works are dead: it passes current and never trips.</summary>
public sealed record NoTrip(string Guard) : Fault
{
    public override void Plant(LinkPlan plan) => plan.Stick(GuardKey.Read(Guard));
}

/// <summary>A breaker or ground-fault device that has tripped, or came tripped from its maker and was never reset.</summary>
public sealed record Tripped(string Guard) : Fault
{
    public override void Plant(LinkPlan plan)
    {
        var guard = GuardKey.Read(Guard);
        foreach (var link in plan.Guards.Where(g => g.Key == guard).SelectMany(g => g.Links).Select(plan.Now).OfType<Link>().ToList())
        {
            plan.Put(link.With(open: true));
        }
    }
}

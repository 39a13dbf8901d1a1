using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>Cables that share a sealed hole or lie together in insulation carry less.</summary>
/// <remarks>NEC 334.80, 310.15(C)(1): the 90 °C column is adjusted; only a result under the breaker is wrong.</remarks>
public sealed class Bundled() : BoxRule("bundled", "Cables together", "Packed cables warm each other.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var cable in look.Cables.Where(c => c.Run.Type is CableType.NmB && c.Run.Gauge is not null))
        {
            if (look.Number(cable.Id, "bundled") is not { } count || count <= look.Limits.Number("cable.bundle"))
            {
                continue;
            }

            // Each two-wire cable brings two conductors that carry current; a neutral of one circuit in a three-wire cable carries none of its own.
            var carrying = (int)count * 2;
            var factor = look.Limits[carrying switch { <= 6 => "cable.bundle.4", <= 9 => "cable.bundle.7", <= 20 => "cable.bundle.10", _ => "cable.bundle.21" }];
            var key = $"ampacity90.{cable.Run.Gauge}";
            if (!look.Limits.Has(key))
            {
                continue;
            }

            var ampacity = look.Limits.Number(key) * factor.Value / 100;
            var sum = $"{look.Limits.Number(key):0} A × {factor.Value:0} % = {ampacity:0.##} A for {carrying} conductors";
            yield return look.BreakerOf(cable.Run.Circuit)?.Amperes is not { } breaker
                ? AskOf(cable.Id, $"{sum}: which breaker feeds {BoxLook.CableName(cable)}?", $"334.80, {factor.Article}", [], [.. cable.Leads])
                : ampacity < breaker
                    ? Fix(cable.Id, $"{count:0} cables together leave {ampacity:0.##} A for {BoxLook.CableName(cable)} on a {breaker:0} A breaker.", $"334.80, {factor.Article}", [.. cable.Leads]) with { Sum = sum }
                    : Fine(cable.Id, $"{ampacity:0.##} A left, the breaker is {breaker:0} A.", $"334.80, {factor.Article}", [.. cable.Leads]) with { Sum = sum };
        }
    }
}

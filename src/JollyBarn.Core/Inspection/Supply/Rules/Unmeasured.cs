using JollyBarn.Electrics;

namespace JollyBarn.Inspection.Supply.Rules;

/// <summary>What nobody measured on the way to an outlet, in words.</summary>
internal static class Unmeasured
{
    private const int Named = 3;

    public static string Says(CircuitLook look, OutletWay way)
    {
        var open = look.Wiring.Open(way);
        var asked = open.Where(r => look.Wiring.Part.Runs[r].Length.OrNull is null).ToList();
        return asked.Count == 0 ? $"{look.RunName(open[0])} comes from where nobody has looked, or its gauge is not known."
            : $"how long is {string.Join(", and ", asked.Take(Named).Select(look.RunName))}{(asked.Count > Named ? $", and {asked.Count - Named} more" : "")}?";
    }
}

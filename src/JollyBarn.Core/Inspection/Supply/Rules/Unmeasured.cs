using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Supply.Rules;

/// <summary>What nobody measured on the way to an outlet, as verdicts name it.</summary>
internal static class Unmeasured
{
    /// <summary>Runs whose length nobody took; where all are measured, the first that comes from where nobody has looked or whose gauge is
    /// not known.</summary>
    public static (string Name, object? Value) Detail(CircuitLook look, IReadOnlyList<Id<Run>> open)
    {
        var asked = open.Where(r => look.Wiring.Part.Runs[r].Length.OrNull is null).ToList();
        return asked.Count > 0 ? ("unmeasured", (Thing[])[.. asked.Select(r => Thing.Run(r))]) : ("unseen", Thing.Run(open[0]));
    }
}

using JollyBarn.CodeBook;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Supply.Rules;

/// <summary>A circuit that a room is given for itself feeds nothing else.</summary>
/// <remarks>NEC 210.11(C), 210.52(B). Small exceptions stand with <see cref="PurposeBook"/>.</remarks>
public sealed class Purpose() : CircuitRule("purpose", "Circuits with a purpose", "What else hangs on it takes what the room was given.")
{
    private const string Elsewhere = "Take its power from a circuit of no such purpose.";

    private static readonly HashSet<string> Given = [.. PurposeBook.All.Where(p => p.Own).SelectMany(p => p.Uses).Where(u => u is not "outdoors")];

    public override IEnumerable<Finding> Judge(CircuitLook look)
    {
        if (look.Outlets.Count == 0)
        {
            yield break;
        }

        if (PurposeBook.Find(look.Answer(Subjects.Circuit, "purpose")) is not { } purpose)
        {
            if (look.Outlets.Any(o => o.Receptacle && o.Box.Use is { } use && Given.Contains(use)))
            {
                yield return Ask(Subjects.Circuit, $"What is {look.Circuit.Name} for? It feeds a room that is given circuits of its own.", "210.11(C)", "purpose");
            }

            yield break;
        }

        if (!purpose.Own)
        {
            yield return Fine(Subjects.Circuit, $"{look.Circuit.Name} is for {purpose.Name}.", "210.11(C)");
            yield break;
        }

        var together = purpose.OneRoom && look.Outlets.All(o => o.Box.Box.Place is not null) && look.Outlets.Select(o => o.Box.Box.Place).Distinct().Count() == 1;
        foreach (var outlet in look.Outlets)
        {
            var use = outlet.Box.Use;
            yield return (use is not null && !purpose.Uses.Contains(use) ? Fix(outlet.Of, $"The {outlet.Name} hangs on {look.Circuit.Name}, which is for {purpose.Name} and nothing else.", purpose.Article!) with { Mend = Elsewhere }
                : !outlet.Receptacle && !together ? Fix(outlet.Of, $"The {outlet.Name} is no receptacle, and {look.Circuit.Name} is for {purpose.Name} and nothing else.", purpose.Article!) with { Mend = Elsewhere }
                : use is null ? AskOf(outlet.Of, $"What is the room of the {outlet.Name} used as? {look.Circuit.Name} is for {purpose.Name}.", purpose.Article!, [new(Subjects.Box, "use", outlet.Box.Id)])
                : Fine(outlet.Of, $"The {outlet.Name} belongs on {look.Circuit.Name}.", purpose.Article!)) with
            { Box = outlet.Box.Id };
        }

        foreach (var load in look.Draws.Where(d => d is not CircuitOutlet && !together))
        {
            yield return Fix(load.Of, $"{char.ToUpperInvariant(load.Name[0])}{load.Name[1..]} hangs on {look.Circuit.Name}, which is for {purpose.Name} and nothing else.", purpose.Article!) with { Box = load.At, Mend = Elsewhere };
        }
    }
}

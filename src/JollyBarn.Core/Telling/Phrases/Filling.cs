using System.Globalization;
using JollyBarn.Fill;
using JollyBarn.Telling.Facts;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Telling.Phrases;

/// <summary>The details of one case as text, with the names of its job.</summary>
/// <param name="before">Names of the state before, for details that begin with <c>was</c>.</param>
internal sealed class Filling(Details details, Names names, Names? before = null)
{
    /// <summary>What stands under a name, as text; a list joined by <em>and</em>.</summary>
    public string this[string name] => Text(name, null);

    /// <summary>A detail in a format of numbers, or a way to name a thing.</summary>
    public string Text(string name, string? how) =>
        details[name] switch
        {
            IEnumerable<Thing> things => string.Join(" and ", things.Select(t => names.Of(t, how))),
            var value => One(value, how, before is not null && name.StartsWith("was", StringComparison.Ordinal) ? before : names),
        };

    public string Named(Thing thing) => names.Of(thing);

    public bool Has(string name) => details[name] is not null;

    /// <summary>A detail of a type; its default where there is none.</summary>
    public T? Get<T>(string name) => details[name] is T value ? value : default;

    /// <summary>Things named one by one, the first few of many.</summary>
    public (IReadOnlyList<string> First, int More) Listed(string name, int most)
    {
        var all = Get<IEnumerable<Thing>>(name)?.ToList() ?? [];
        return ([.. all.Take(most).Select(t => names.Of(t))], Math.Max(0, all.Count - most));
    }

    private static string One(object? value, string? how, Names names) =>
        value switch
        {
            null => "",
            Thing thing => names.Of(thing, how),
            Landing landing => names.Of(landing),
            FactKey fact => FactWords.Of(fact).Asks,
            FillAsk ask => FillWords.What(ask),
            InsteadOption option => InsteadWords.Of(option),
            bool answer => answer ? "Yes" : "No",
            Enum choice => ChoiceWords.Of(choice),
            decimal number => number.ToString(how ?? "0.##", CultureInfo.InvariantCulture),
            double number => number.ToString(how ?? "0.##", CultureInfo.InvariantCulture),
            int count => count.ToString(CultureInfo.InvariantCulture),
            _ => value.ToString() ?? "",
        };
}

using System.Globalization;
using System.Text.RegularExpressions;
using JollyBarn.Wiring;

namespace JollyBarn.Tracing;

/// <summary>The card inside a panel's door as somebody types it off: a line a breaker.</summary>
public static partial class PanelCard
{
    /// <summary>More slots than any panel of a house has.</summary>
    public const int MostSlots = 84;

    /// <summary>The breakers of a card: <c>3 galley</c>, <c>5: 20A bench lamps</c>, <c>2,4 range 40 A</c>. A line without a number is
    /// the next slot; two numbers of one side are a breaker of two poles. A line that says nothing is a slot nobody named.</summary>
    /// <param name="slots">How many slots the panel has; lines beyond it are left out.</param>
    public static IReadOnlyList<Breaker> Read(string card, int slots)
    {
        var taken = new HashSet<int>();
        var breakers = new List<Breaker>();
        var next = 1;
        foreach (var line in card.ReplaceLineEndings("\n").Split('\n').Select(l => l.Trim()).Where(l => l.Length > 0))
        {
            var match = Line().Match(line);
            var slot = match.Groups["slot"].Success ? int.Parse(match.Groups["slot"].Value, CultureInfo.InvariantCulture) : next;
            var other = match.Groups["other"].Success ? int.Parse(match.Groups["other"].Value, CultureInfo.InvariantCulture) : 0;
            var poles = other == slot + 2 ? 2 : 1;
            int[] takes = [.. Enumerable.Range(0, poles).Select(p => slot + (2 * p))];
            if (slot < 1 || takes[^1] > Math.Min(slots, MostSlots) || takes.Any(taken.Contains))
            {
                continue;
            }

            taken.UnionWith(takes);
            var words = match.Groups["words"].Value;
            var amperes = Amperes().Match(words);
            var says = amperes.Success
                ? (words[..amperes.Index] + words[(amperes.Index + amperes.Length)..]).Trim(' ', ',', ':')
                : words.Trim();
            breakers.Add(
                new(
                    slot,
                    poles,
                    amperes.Success ? decimal.Parse(amperes.Groups["a"].Value, CultureInfo.InvariantCulture) : null,
                    BreakerKind.Unknown,
                    null,
                    says.Length == 0 ? null : says,
                    null
                )
            );
            next = slot + 1;
        }

        return [.. breakers.OrderBy(b => b.Slot)];
    }

    [GeneratedRegex(@"^(?:#?(?<slot>\d{1,2})(?:\s*[,+&/-]\s*(?<other>\d{1,2}))?\s*[:.)\-]?\s+|#?(?<slot>\d{1,2})$)?(?<words>.*)$")]
    private static partial Regex Line();

    [GeneratedRegex(@"\b(?<a>1[05]|20|25|[3-9]0|35|1[0-9]0|200)\s*(?:A|amps?)\b", RegexOptions.IgnoreCase)]
    private static partial Regex Amperes();
}

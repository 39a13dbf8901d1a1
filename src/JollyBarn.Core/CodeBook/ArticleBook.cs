using System.Collections.Frozen;
using JollyBarn.Terms;

namespace JollyBarn.CodeBook;

/// <summary>An article of the book: what a rule, or one of its cases, stands on.</summary>
/// <param name="Key">Id of the rule, or <c>rule.Case</c>, or a name a rule asks by.</param>
/// <param name="Text">As it is cited.</param>
/// <param name="From">First edition in which this row holds; a later row of the same key replaces it.</param>
/// <param name="Until">Last edition in which it holds; null while it does.</param>
public sealed record Article(string Key, string Text, Edition From = Edition.Nec2017, Edition? Until = null);

/// <summary>Articles by edition. A rule without one is practice; one whose article is retired in an edition is not asked there.</summary>
public sealed class ArticleBook
{
    private static readonly Article[] Book = [.. BoxArticles.All, .. ConductorArticles.All, .. SupplyArticles.All];
    private static readonly FrozenSet<string> Known = Book.Select(a => a.Key).ToFrozenSet(StringComparer.Ordinal);
    private static readonly FrozenDictionary<Edition, ArticleBook> Editions = Enum.GetValues<Edition>()
        .ToFrozenDictionary(e => e, e => new ArticleBook(e));
    private readonly FrozenDictionary<string, string> rows;

    private ArticleBook(Edition edition)
    {
        var now = new Dictionary<string, string>(StringComparer.Ordinal);
        foreach (var row in Book.Where(a => a.From <= edition && (a.Until is null || a.Until >= edition)))
        {
            now[row.Key] = row.Text;
        }

        rows = now.ToFrozenDictionary(StringComparer.Ordinal);
    }

    public static ArticleBook For(Edition edition) => Editions[edition];

    /// <summary>Key of the article that gives a circuit its purpose.</summary>
    public static string OfPurpose(Purpose purpose) => $"purpose.{Choice.Text(purpose)}";

    /// <summary>The article of a rule (<c>rule</c>), of one of its cases (<c>rule.Case</c>) or of a name; null where there is none: then it
    /// is practice.</summary>
    public string? Of(string key) => rows.GetValueOrDefault(key);

    /// <summary>False for a rule whose article the book has, but not in this edition.</summary>
    public bool Asks(string rule) => rows.ContainsKey(rule) || !Known.Contains(rule);
}

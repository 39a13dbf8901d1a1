using System.Globalization;
using JollyBarn.Measures;

namespace JollyBarn.Terms;

/// <summary>What a fact is about: the box, or one thing in it; a panel, a breaker, a circuit.</summary>
public enum FactOf
{
    Box,
    Entry,

    /// <summary>One end of a cable, here; its subject is the run's id and its side, <c>r1.a</c>.</summary>
    CableEnd,
    Lead,
    Pigtail,

    /// <summary>A lead or a pigtail: what is true of a wire, whatever it is part of.</summary>
    Wire,
    Joint,
    Device,
    Panel,

    /// <summary>A breaker, by its key.</summary>
    Breaker,
    Circuit,
}

public enum FactType
{
    YesNo,
    Choice,
    Length,
    Number,
}

/// <summary>A fact one can look for or take with a tape. Its words stand in <c>Telling</c>.</summary>
/// <param name="id">Stable name, the same for no two facts: files and logs use it.</param>
/// <param name="of">What it is about.</param>
/// <param name="order">Place in the order a hand takes them: the plate and wall first, then the box, cables, leads, joints,
/// devices.</param>
public abstract class FactKey(string id, FactOf of, FactType type, int order)
{
    public string Id => id;

    public FactOf Of => of;

    public FactType Type => type;

    public int Order => order;

    /// <summary>Unit of a number; null otherwise.</summary>
    public string? Unit { get; init; }

    /// <summary>The answers there are, as files write them; none for a length or number.</summary>
    public IReadOnlyList<string> Answers { get; protected init; } = [];

    /// <summary>What it would be when all is well, as files write it: the answer of <em>these look right</em>. Null where only a look or a
    /// tape can tell.</summary>
    public string? Right { get; init; }

    public override string ToString() => id;
}

/// <summary>A fact whose answer is a <typeparamref name="T"/>: a truth, a length, a number, one of some choices.</summary>
public sealed class FactKey<T> : FactKey
    where T : struct
{
    private readonly Func<string, T?> parse;

    internal FactKey(string id, FactOf of, FactType type, int order, Func<string, T?> parse, IReadOnlyList<string> answers)
        : base(id, of, type, order)
    {
        this.parse = parse;
        Answers = answers;
    }

    /// <summary>The answer a file holds; null when it is none.</summary>
    public T? Parse(string text) => parse(text);
}

/// <summary>Makes facts.</summary>
internal static class Fact
{
    private static readonly string[] YesOrNo = ["yes", "no"];

    public static FactKey<bool> YesNo(string id, FactOf of, int order, bool? right = null) =>
        new(
            id,
            of,
            FactType.YesNo,
            order,
            t =>
                t switch
                {
                    "yes" => true,
                    "no" => false,
                    _ => null,
                },
            YesOrNo
        )
        {
            Right = right switch
            {
                true => "yes",
                false => "no",
                null => null,
            },
        };

    public static FactKey<Length> Tape(string id, FactOf of, int order) =>
        new(id, of, FactType.Length, order, t => Length.TryParse(t, out var length) ? length : null, []);

    public static FactKey<decimal> Number(string id, FactOf of, int order, string unit) =>
        new(id, of, FactType.Number, order, ParseNumber, []) { Unit = unit };

    public static FactKey<T> OneOf<T>(string id, FactOf of, int order)
        where T : struct, Enum => new(id, of, FactType.Choice, order, t => Choice.Parse<T>(t), Choice.Texts<T>());

    private static decimal? ParseNumber(string text) =>
        decimal.TryParse(text, NumberStyles.AllowDecimalPoint, CultureInfo.InvariantCulture, out var number) ? number : null;
}

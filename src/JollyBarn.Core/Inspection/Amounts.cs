using System.Globalization;

namespace JollyBarn.Inspection;

/// <summary>Several amounts of one unit, as a detail.</summary>
public sealed record Amounts(IReadOnlyList<decimal> Each)
{
    public override string ToString() => string.Join(',', Each.Select(e => e.ToString("0.###", CultureInfo.InvariantCulture)));
}

/// <summary>Which of several are so, as a detail.</summary>
public sealed record Flags(IReadOnlyList<bool> Each)
{
    public override string ToString() => string.Join(',', Each);
}

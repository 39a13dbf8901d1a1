using JollyBarn.CodeBook;
using JollyBarn.Measures;

namespace JollyBarn.Wiring;

/// <summary>Volume marks of rings, extensions and covers.</summary>
/// <remarks>NEC 314.16(A): what has no mark adds nothing, unless it is made from a size of the table.</remarks>
public static class PartMarks
{
    /// <summary>The mark of one that nobody read a mark on: what is flat has none.</summary>
    public static Fact<Volume> Unread(PartKind? kind) => kind?.Volume == Volume.Zero ? Fact<Volume>.NotApplicable : Fact<Volume>.Unknown;

    /// <summary>True for one that is bought by its mark.</summary>
    public static bool ByMark(PartKind? kind) => kind is { InTable: false, Volume: { } volume } && volume > Volume.Zero;

    /// <summary>The mark of one that is bought for its volume.</summary>
    public static Fact<Volume> Bought(PartKind? kind) => ByMark(kind) ? Fact<Volume>.Marked(kind!.Volume!.Value) : Unread(kind);
}

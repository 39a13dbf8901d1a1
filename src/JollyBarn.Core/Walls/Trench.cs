using JollyBarn.CodeBook;
using JollyBarn.Inspection.Rules;
using JollyBarn.Measures;
using JollyBarn.Terms;

namespace JollyBarn.Walls;

/// <summary>A trench from a building to a post.</summary>
/// <param name="Along">From riser to riser.</param>
/// <param name="Raceway">What the raceway is; null for cable made for burial.</param>
/// <param name="Guarded">True for one pole of 120 V and 20 A at most with GFCI protection ahead of it.</param>
/// <param name="Post">How high the box stands over the ground.</param>
/// <param name="Frost">How deep the ground freezes there, by the office.</param>
public sealed record TrenchAsk(Length Along, BuriedUnder Over, RacewayKind? Raceway, bool Guarded, Length Post, Length? Frost = null);

/// <summary>What is dug and cut.</summary>
/// <param name="Cover">From the top of the cable or raceway to the surface, at least.</param>
/// <param name="Limit">The number it stands on.</param>
/// <param name="Dig">How deep one digs: what lies on the bottom, the sand under it, the cover over it.</param>
/// <param name="Warning">How deep the tape lies that warns the next one who digs.</param>
/// <param name="Sleeve">Raceway over each riser: from its depth below grade to the box or 8 ft up.</param>
/// <param name="Post">How deep a post stands: below frost, and half of what is over the ground.</param>
/// <param name="PostLong">The post to cut.</param>
/// <param name="Wire">Cable or each conductor, riser to riser, with what it takes at both ends.</param>
/// <param name="Pieces">Raceway along the bottom, of 10 ft pieces.</param>
public sealed record Trench(
    Length Cover,
    string Limit,
    Length Dig,
    Length Warning,
    Length Sleeve,
    Length Post,
    Length PostLong,
    Length Wire,
    int Pieces
)
{
    private static readonly Length Bed = Length.Inches(2),
        Piece = Length.Inches(120);

    /// <remarks>Cover by NEC Table 300.5; a riser is protected from 18 in below grade to 8 ft above, 300.5(D)(1). Sand under it, warning
    /// tape half way down (300.5(D)(3) asks one 12 in over service conductors) and the depth of the post: <em>practice</em>.</remarks>
    public static Trench Of(TrenchAsk ask, CodeProfile profile, HousePractice house)
    {
        ArgumentNullException.ThrowIfNull(ask);
        var limits = LimitTable.For(profile);
        var plain = Buried.Limit(ask.Over, ask.Raceway);
        var key = ask.Guarded && Buried.Guarded(ask.Over) is { } guarded && limits.Inches(guarded) < limits.Inches(plain) ? guarded : plain;
        var cover = limits.Inches(key);
        var thick = ask.Raceway is null ? Length.Inches(0, 1, 2) : Length.Inches(1);
        var dig = cover + thick + Bed;
        var below = limits.Inches("riser.below");
        var (up, top) = (ask.Post, limits.Inches("riser.above"));
        var sleeve = (cover < below ? cover : below) + (up < top ? up : top);
        var half = Length.FromUnits(ask.Post.Units / 2);
        var post = ask.Frost is { } frost && frost > half ? frost : half;
        var end = Length.FromInches(WallBook.TrenchEnd.Of(house));
        var riser = cover + ask.Post;
        return new(
            cover,
            key,
            dig,
            Length.FromUnits(cover.Units / 2),
            sleeve,
            post,
            post + ask.Post,
            ask.Along + riser + riser + end + end,
            ask.Raceway is null ? 0 : (int)((ask.Along.Units + Piece.Units - 1) / Piece.Units)
        );
    }
}

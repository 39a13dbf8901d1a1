namespace JollyBarn.CodeBook;

/// <summary>Articles of rules about circuits and panels. From memory of NEC 2017, 2020 and 2023.</summary>
internal static class SupplyArticles
{
    public static IEnumerable<Article> All =>
        [
            new("breaker-listed", "110.3(B)"),
            new("circuit-breaker", "408.4(A)"),
            new("circuit-breaker.AskHandle", "240.83"),
            new("did-not-trip.Held", "110.3(B), practice"),
            new("directory", "408.4(A)"),
            new("fault-current", "250.4(A)(5)"),
            new("hots-apart", "240.8"),
            new("legs", "210.4"),
            new("legs.OneLeg", "210.4, 300.13(B)"),
            new("legs.Parallel", "240.8"),
            new("load", "210.19(A)(1), 210.20(A)"),
            new("neutral-screws", "408.41"),
            new("neutrals-joined", "200.4(A), 300.3(B)"),
            new("out-of-scope", "680"),
            new("purpose", "210.11(C)"),
            new("purpose.bathroom", "210.11(C)(3)"),
            new("purpose.garage", "210.11(C)(4)"),
            new("purpose.laundry", "210.11(C)(2)"),
            new("purpose.small-appliance", "210.11(C)(1), 210.52(B)"),
            new("slots-closed", "408.7"),
            new("tandem", "408.54"),
            new("tandem.NotTaken", "408.54, 110.3(B)"),
            new("test-button", "110.3(B)"),
            new("together", "300.3(B), 200.4"),
            new("transfer", "702.5"),
        ];
}

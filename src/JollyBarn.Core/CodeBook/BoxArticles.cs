namespace JollyBarn.CodeBook;

/// <summary>Articles of rules about boxes, their surroundings, entries and cables. From memory of NEC 2017, 2020 and 2023.</summary>
internal static class BoxArticles
{
    public static IEnumerable<Article> All =>
        [
            new("accessible", "314.29"),
            new("bond-screw", "250.8(A), 250.148(C)"),
            new("bonded-through", "314.3"),
            new("box-bonded", "250.148(C), 314.4"),
            new("box-bonded.Ask", "250.148(C)"),
            new("box-held", "314.23"),
            new("box-wet", "314.15"),
            new("bundled", "334.80"),
            new("bushing", "320.40"),
            new("cable-damage", "110.12(B)"),
            new("cable-damage.Sheath", "334.30, 110.12(B)"),
            new("cable-held", "314.17(B)"),
            new("cable-held.ByFlap", "314.17(C)"),
            new("cable-wet", "334.12(B)(4)"),
            new("cable-wet.Armoured", "320.12(2)"),
            new("cable-wet.Wet", "334.12(B)(4), 300.9"),
            new("clean", "110.12(B)"),
            new("concealed-splice", "334.40(B)"),
            new("covered", "314.25"),
            new("ears", "314.23(C)"),
            new("entry-listed", "300.15"),
            new("bond-count", "110.14(A), 250.148"),
            new("entry-size", "110.3(B), 300.15"),
            new("entry-open", "110.12(A), 314.17(A)"),
            new("fastener-sound", "334.30, 110.3(B)"),
            new("fastener.Fished", "334.30(B)(1)"),
            new("fill", "314.16"),
            new("fill.Over", "314.16(B)"),
            new("fire-seal", "300.21"),
            new("grommet", "300.4(B)(1)"),
            new("nails", "314.23(B)(1)"),
            new("plate", "406.6, 404.9(A)"),
            new("plate-bonded", "404.9(B), 406.6(B)"),
            new("riser", "300.5(D)(1)"),
            new("buried-end", "110.14(B), 300.5(B)"),
            new("spacing.AskFished", "334.30"),
            new("spacing.Fished", "334.30(B)(1)"),
            new("splice-box", "300.15"),
            new("stub", "314.23(F)"),
            new("weight.FanOnPlainBox", "314.27(C)"),
        ];
}

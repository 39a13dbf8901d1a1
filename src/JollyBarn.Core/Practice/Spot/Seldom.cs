namespace JollyBarn.Practice.Spot;

/// <summary>How a box is made for a rule that few houses can break.</summary>
/// <param name="Mistakes">Those that break it: no other is tried for it.</param>
/// <param name="Site">Where it has to be; null where any place does.</param>
internal sealed record Seldom(Mistake[] Mistakes, Site? Site = null)
{
    public static IReadOnlyDictionary<string, Seldom> Rules { get; } =
        new Dictionary<string, Seldom>(StringComparer.Ordinal)
        {
            ["accessible"] = new([Mistake.Hidden]),
            ["green"] = new([Mistake.GreenAsHot]),
            ["loose-end"] = new([Mistake.EndLeftOpen]),
            ["slack"] = new([Mistake.SlackLong]),
            ["splice-box"] = new([Mistake.NoBox]),
            ["bond-count"] = new([Mistake.TooManyOnScrewOfBox]),
            ["bond-screw"] = new([Mistake.BondByCoverScrew]),
            ["gfci"] = new([Mistake.NotProtected, Mistake.LoadSideFed]),
            ["grounds-joined"] = new([Mistake.TwoOnOneScrew]),
            ["line-load"] = new([Mistake.LoadSideFed]),
            ["multiwire-neutral"] = new([Mistake.TwoOnOneScrew]),
            ["pigtail-gauge"] = new([Mistake.ThinPigtail]),
            ["plate-bonded"] = new([Mistake.GroundLeftOff]),
            ["short"] = new([Mistake.HotOnGroundScrew]),
            ["white-hot"] = new([Mistake.WhiteNotMarked]),
            ["switch-neutral-cut"] = new([Mistake.SwitchInNeutral]),
            ["afci"] = new([Mistake.NotArcProtected], Spot.Site.Bedroom),
            ["bath-zone"] = new([Mistake.InBathZone, Mistake.OverTub], Spot.Site.Bathroom),
            ["bonded-through"] = new([Mistake.NotBondedThrough], Spot.Site.Armoured),
            ["box-wet"] = new([Mistake.BoxNotForWet], Spot.Site.Damp),
            ["buried"] = new([Mistake.BuriedShallow], Spot.Site.Outdoors),
            ["bushing"] = new([Mistake.NoBushing], Spot.Site.Armoured),
            ["cable-wet"] = new([Mistake.DryCable], Spot.Site.Damp),
            ["closet"] = new([Mistake.OpenLampInCloset, Mistake.NearStorage], Spot.Site.Closet),
            ["counter-spacing"] = new([Mistake.CounterFar], Spot.Site.Kitchen),
            ["device-test"] = new([Mistake.ButtonDead]),
            ["ears"] = new([Mistake.EarsUnbacked], Spot.Site.OldWork),
            ["fan-ready"] = new([Mistake.NoFanBox], Spot.Site.Bedroom),
            ["fire-opposite"] = new([Mistake.FireOpposite], Spot.Site.FireWall),
            ["fire-seal"] = new([Mistake.FireGap], Spot.Site.FireWall),
            ["multiwire-legs"] = new([Mistake.SameLeg]),
            ["multiwire-tied"] = new([Mistake.NotTied]),
            ["neutral-at-switch"] = new([Mistake.NeutralNotBrought]),
            ["depth"] = new([Mistake.DeviceTooDeep]),
            ["joint-wet"] = new([Mistake.BoxOpenToWeather], Spot.Site.Outdoors),
            ["aluminum"] = new([Mistake.NotForAluminum]),
            ["feed-mark"] = new([Mistake.MarkedWrong]),
            ["rating"] = new([Mistake.RatedTooHigh]),
            ["ready-access"] = new([Mistake.ButtonHidden]),
            ["riser"] = new([Mistake.RiserOpen], Spot.Site.Outdoors),
            ["split-tab"] = new([Mistake.TabWhole]),
            ["stub"] = new([Mistake.CarriedByPlastic], Spot.Site.Outdoors),
            ["tub-space"] = new([Mistake.InTubSpace], Spot.Site.Bathroom),
            ["weather"] = new([Mistake.NotForWeather, Mistake.CoverNotForWet], Spot.Site.Outdoors),
            ["weight"] = new([Mistake.TooHeavy]),
        };
}

using JollyBarn.Inspection.Rules;

namespace JollyBarn.Inspection.Judging;

/// <summary>The rules by what they look at. A new rule is one name in one of these lists.</summary>
internal static class RuleList
{
    public static IEnumerable<BoxRule> Hurts =>
        [
            new JoinedThatMustNotBe(),
            new LiveMetal(),
            new ReversedPolarity(),
            new NeutralToGround(),
            new SwitchInHot(),
            new NeutralsApart(),
            new GreenOnlyGround(),
            new OtherColours(),
            new MultiwireLegs(),
            new SplitTab(),
            new Aluminum(),
            new CableDamage(),
            new JointTight(),
        ];

    public static IEnumerable<BoxRule> Box =>
        [
            new BoxFilled(),
            new DeepEnough(),
            new MetalBoxBonded(),
            new GroundPath(),
            new BondScrew(),
            new MetalCableBonded(),
            new SpliceHasBox(),
            new ConcealedSplice(),
            new Covered(),
            new PlateSeats(),
            new OpenEntries(),
            new Accessible(),
            new BoxHeld(),
            new EarsBacked(),
            new NailsThrough(),
            new Weight(),
            new Setback(),
            new StandsOut(),
            new GapRound(),
            new BoxWet(),
            new FireSeal(),
            new FireOpposite(),
            new Clean(),
            new OnStub(),
            new ReceptacleHeight(),
            new WallSpacing(),
            new CounterSpacing(),
        ];

    public static IEnumerable<BoxRule> Cables =>
        [
            new CableHeld(),
            new SheathInside(),
            new SheathLong(),
            new FirstFastener(),
            new Slack(),
            new Spacing(),
            new FastenerSound(),
            new Stacked(),
            new StudEdge(),
            new Grommet(),
            new Bend(),
            new ArmourBushing(),
            new EntryListed(),
            new EntrySize(),
            new CableWet(),
            new CordAsWiring(),
            new Bundled(),
            new Buried(),
            new Riser(),
        ];

    public static IEnumerable<BoxRule> Conductors =>
        [
            new WireOnBreaker(),
            new PigtailOnBreaker(),
            new GroundGauge(),
            new FreeLength(),
            new Reach(),
            new GroundsTogether(),
            new JointConnector(),
            new JointListed(),
            new LooseEnds(),
            new WhiteReidentified(),
            new LeadDamage(),
            new MultiwireNeutral(),
            new MultiwireTied(),
            new JointWet(),
            new Followed(),
            new Recorded(),
            new PigtailHouse(),
            new JointNearLimit(),
            new JointReused(),
            new MixedGauges(),
            new Hook(),
            new BarePast(),
        ];

    public static IEnumerable<BoxRule> Devices =>
        [
            new LineAndLoad(),
            new Fed(),
            new SwitchWorks(),
            new LandingPlaceTakes(),
            new DeviceBonded(),
            new MetalPlate(),
            new GfciByPlace(),
            new GroundingTypeWithoutGround(),
            new BathZone(),
            new FeedMarks(),
            new TubSpace(),
            new ClosetLight(),
            new SupplyHeat(),
            new FanReady(),
            new ThroughLuminaire(),
            new LowVoltage(),
            new JointMade(),
            new WeatherReceptacle(),
            new TamperResistant(),
            new AfciByRoom(),
            new ReceptacleRating(),
            new DeviceRigid(),
            new DeviceScrews(),
            new Torque(),
            new DimmerReceptacle(),
            new NeutralAtSwitch(),
            new Taped(),
            new PushInUsed(),
            new FedThrough(),
            new ProtectedTagged(),
            new LicensedWork(),
        ];
}

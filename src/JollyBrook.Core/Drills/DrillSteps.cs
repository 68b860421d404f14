using JollyBrook.Core.Barriers;
using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Drills;

/// <summary>The decisions of a drill, in order; what comes later follows from what was chosen.</summary>
internal static class DrillSteps
{
    public const string Source = "source";
    public const string Clear = "clear";
    public const string Method = "method";
    public const string Dose = "dose";
    public const string Wait = "waitMinutes";
    public const string Store = "store";
    public const string Carry = "carryL";

    public static IReadOnlyList<DrillStep> Of(Scene scene, DrillAnswers answers, Speaker say)
    {
        var source = scene.Sources.FirstOrDefault(s => s.Id == answers.Source);
        List<DrillStep> steps = [Choice(Source, Skill.Judge, "Where do you draw water?", Sources(scene), answers.Source)];
        if (answers.Source == Drill.GoOn)
        {
            return steps;
        }

        var methods = Methods(scene);
        steps.Add(
            Choice(
                Clear,
                Skill.Clear,
                "How do you clear it?",
                Clearing(scene),
                answers.Clear is { } clear ? Contract.ContractName.Of(clear) : null
            )
        );
        steps.Add(Choice(Method, Skill.Choose, "How do you treat it?", methods, answers.Method));
        if (source is not null && answers.Method is { } method && Unit(scene, method) is { } unit)
        {
            var litres = Played.Of(scene, source, answers.Clear ?? ClearBy.Nothing, method)?.Dosed.VolumeL ?? scene.VolumeL;
            steps.Add(
                new(
                    Id: Dose,
                    Skill: Skill.Dose,
                    Question: Math.Abs(litres - scene.VolumeL) < 1e-9
                        ? $"How much, for {say.Of(Quantity.Volume, litres)}?"
                        : $"How much, filled to {say.Of(Quantity.Volume, litres)}?",
                    Choices: [],
                    Unit: unit,
                    Quantity: Quantity.Plain,
                    Answer: answers.Dose is { } dose ? $"{Speaker.Number(dose, 1)} {unit}" : null
                )
            );
            if (IsChemical(scene, method))
            {
                steps.Add(
                    new(
                        Id: Wait,
                        Skill: Skill.Wait,
                        Question: "How long before the first sip, once it has dissolved?",
                        Choices: [],
                        Unit: "minutes",
                        Quantity: Quantity.Duration,
                        Answer: answers.WaitMinutes is { } wait ? Speaker.Minutes(wait) : null
                    )
                );
            }
        }

        steps.Add(
            Choice(
                Store,
                Skill.Store,
                "And before you put it away?",
                Storing,
                answers.Store is { } store ? Contract.ContractName.Of(store) : null
            )
        );
        if (scene.HasCarry)
        {
            steps.Add(
                new(
                    Id: Carry,
                    Skill: Skill.Carry,
                    Question: "How much do you carry on, all together?",
                    Choices: [],
                    Unit: "litres",
                    Quantity: Quantity.Volume,
                    Answer: answers.CarryL is { } carried ? say.Of(Quantity.Volume, carried) : null
                )
            );
        }

        return steps;
    }

    public static bool IsMethod(Scene scene, string method) => Methods(scene).Exists(m => m.Id == method);

    public static bool CanClear(Scene scene, ClearBy clear) => clear != ClearBy.Flocculate || scene.Kit.Any(k => k.Item is FlocculantPack);

    public static string ClearName(ClearBy clear) =>
        clear switch
        {
            ClearBy.Nothing => "As it is",
            ClearBy.Strain => "Strain it through a cloth",
            ClearBy.Settle => "Let it settle, draw off the top",
            _ => "Flocculate, stand, draw off",
        };

    public static string StoreName(StoreBy store) =>
        store switch
        {
            StoreBy.RinseThreads => "Treated water over the threads, cap closed, clean side only",
            StoreBy.CapAsItIs => "Cap straight on, threads as they are",
            _ => "Back into the bottle it was dipped with",
        };

    private static readonly List<DrillChoice> Storing =
    [
        .. new[] { StoreBy.CapAsItIs, StoreBy.BackToDirty, StoreBy.RinseThreads }.Select(s => new DrillChoice(
            Contract.ContractName.Of(s),
            StoreName(s)
        )),
    ];

    private static List<DrillChoice> Sources(Scene scene) =>
        [.. scene.Sources.Select(s => new DrillChoice(s.Id, s.Name)), new(Drill.GoOn, "None of these: go on")];

    private static List<DrillChoice> Clearing(Scene scene) =>
        [
            .. Enum.GetValues<ClearBy>()
                .Where(c => CanClear(scene, c))
                .Select(c => new DrillChoice(Contract.ContractName.Of(c), ClearName(c))),
        ];

    /// <summary>Every barrier of the kit, and the filter before each of the others.</summary>
    private static List<DrillChoice> Methods(Scene scene)
    {
        var barriers = Barriers(scene);
        var singles = barriers.Select(b => new DrillChoice(b.Id, b.Name));
        var pairs =
            from first in barriers
            where first.Stage == BarrierStage.Filter
            from second in barriers
            where second.Stage > BarrierStage.Filter
            select new DrillChoice($"{first.Id}+{second.Id}", $"{first.Name}, then {Sentence.Lower(second.Name)}");
        return [.. singles, .. pairs];
    }

    private static List<IBarrier> Barriers(Scene scene) => [.. scene.Kit.SelectMany(k => k.Barriers)];

    private static IBarrier LastOf(Scene scene, string method) => Barriers(scene).First(b => b.Id == method.Split('+')[^1]);

    private static bool IsChemical(Scene scene, string method) => LastOf(scene, method).Stage == BarrierStage.Chemical;

    private static string? Unit(Scene scene, string method) =>
        LastOf(scene, method) switch
        {
            ChemicalBarrier { Profile.Form: ProductForm.Tablet } => "tablets",
            ChemicalBarrier { Profile.Form: ProductForm.TwoPartDrops } => "drops of each part",
            ChemicalBarrier => "drops",
            { Stage: BarrierStage.Heat } => "minutes at a rolling boil",
            { Stage: BarrierStage.Light } => "cycles of the lamp",
            _ => null,
        };

    private static DrillStep Choice(string id, Skill skill, string question, List<DrillChoice> choices, string? answer) =>
        new(
            Id: id,
            Skill: skill,
            Question: question,
            Choices: choices,
            Unit: "",
            Quantity: Quantity.Plain,
            Answer: answer is null ? null : choices.Find(c => c.Id == answer)?.Name
        );
}

/** Height of the drawing in what a view has, less what stands below it. All pixels. */
export declare function drawingHeight({ width, height }: {
    width: number;
    height: number;
}, below: number): number;
